import { answerEach } from '../heavy-work/asked-thread.ts';
import { paperPdf } from './paper-pdf.ts';
import type { PdfRequest } from './pdf-maker.ts';

/** A thread that makes papers, one for each question. */
answerEach(({ paper, size, pictures }: PdfRequest) => paperPdf(paper, size, pictures));
