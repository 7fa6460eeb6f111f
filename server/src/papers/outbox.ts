import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import Joi from 'joi';
import MailComposer from 'nodemailer/lib/mail-composer';
import { v7 as uuidv7 } from 'uuid';

/** A mail to one person, with a paper attached. */
export interface PaperMail {
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** What each part of it may be. */
export const paperMailFields: Joi.StrictSchemaMap<PaperMail> = {
  to: Joi.string().trim().max(200).email({ tlds: false }).required(),
  subject: Joi.string().trim().min(1).max(200).required(),
  text: Joi.string().max(4000).allow('').required(),
};

interface Attached {
  readonly name: string;
  readonly pdf: Buffer;
}

/** Where mails go. */
export interface Outbox {
  /** @returns the mail as it was written (RFC 5322) */
  put(mail: PaperMail, attached: Attached): Promise<Buffer>;
}

/** Stands in for a mail server: each mail is a file that any mail program opens, marked as not sent; nothing leaves. */
export function folderOutbox(folder: string): Outbox {
  return {
    async put({ to, subject, text }, { name, pdf }) {
      const written = await new MailComposer({
        to,
        subject,
        text,
        headers: { 'X-Unsent': '1' },
        attachments: [{ filename: name, content: pdf, contentType: 'application/pdf' }],
      })
        .compile()
        .build();
      await mkdir(folder, { recursive: true });
      await writeFile(join(folder, `${uuidv7()}.eml`), written);
      return written;
    },
  };
}
