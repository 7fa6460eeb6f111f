import type { Knex } from 'knex';
import { changeLog } from './changes/change-log.ts';
import { changesStore } from './changes/changes-store.ts';
import { customersStore } from './customers/customers-store.ts';
import { dataSheetsStore } from './handbook/data-sheets-store.ts';
import { handbookStore } from './handbook/handbook-store.ts';
import { jobsStore } from './jobs/jobs-store.ts';
import { ordersStore } from './orders/orders-store.ts';
import type { PhotoFiles } from './photos/photo-files.ts';
import { pictureQueue } from './photos/picture-queue.ts';
import { photosStore } from './photos/photos-store.ts';
import { orderPdfsStore } from './papers/order-pdfs-store.ts';
import type { OrderWriter } from './languages/order-writer.ts';
import { orderWordings } from './languages/order-wordings.ts';
import { orderPapers } from './languages/paper-in-languages.ts';
import type { PdfMaker } from './papers/pdf-maker.ts';
import { propertiesStore } from './properties/properties-store.ts';
import type { Stores } from './routes.ts';
import { stockStore } from './stock/stock-store.ts';
import { templatesStore } from './templates/templates-store.ts';

/**
 * Every store on one database and one place for photos.
 * @param maker of papers; null on threads, which make none
 * @param writer of orders in other languages; null on threads, which write none
 */
export function storesOn(
  database: Knex,
  photoFiles: PhotoFiles,
  maker: PdfMaker | null = null,
  writer: OrderWriter | null = null,
): Stores {
  const pictures = pictureQueue();
  const photos = photosStore(database, photoFiles, pictures);
  const wordings = orderWordings(database, writer);
  const papers = orderPapers(wordings, writer);
  return {
    jobs: jobsStore(database),
    properties: propertiesStore(database),
    customers: customersStore(database),
    templates: templatesStore(database),
    changes: changesStore(database),
    log: changeLog(database),
    orders: ordersStore(database, wordings),
    orderPdfs: orderPdfsStore(database, photos, papers, maker),
    handbook: handbookStore(database),
    dataSheets: dataSheetsStore(database, photoFiles.incoming, pictures),
    stock: stockStore(database),
    photos,
  };
}
