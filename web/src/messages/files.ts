import { sayer } from '@etappe/core/messages';

/** What is said of files, by workers too: without the library of the interface. */
export const { say } = sayer(
  {
    // read-csv.ts
    'the-file-has-mb-the': 'the file has {megabytes} MB, the limit is {limit} MB: split it',
    'row-has-a-quotation-mark': 'row {row} has a quotation mark that is not closed: correct it',
    'the-first-line-has-no':
      'the first line has no two columns: save it as CSV with commas, semicolons or tabs, the headers in the first line',
    'this-is-not-a-text': 'this is not a text file: save the table as CSV and bring that in',
    // file-reader.ts
    'this-is-not-a-job': 'this is not a job file: {message}',
    // picture-worker.ts
    'is-a-heic-or-avif':
      '{name} is a HEIC or AVIF picture: set the camera of the phone to “most compatible” (JPEG), or save it as JPEG, PNG or WebP',
    'is-no-jpeg-png-or': '{name} is no JPEG, PNG or WebP picture: save it as one of these',
    'is-broken-or-cut-off': '{name} is broken or cut off: send it again from the camera',
  },
  'files',
);
