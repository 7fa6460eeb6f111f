import { workerData } from 'node:worker_threads';
import type { Language } from '@etappe/core';
import { speak } from '@etappe/core/speak';
import { answerEach } from '../heavy-work/asked-thread.ts';
import type { WritingRequest, Written } from './order-writer.ts';

/** A thread that speaks one language: settled before anything that says something is loaded. */
const { language } = workerData as { readonly language: Language };
if (language === 'de') speak((await import('@etappe/core/german')).GERMAN);
if (language === 'es') speak((await import('@etappe/core/spanish')).SPANISH);
const { crewOrder, orderChanges, orderPaper, planAround } = await import('@etappe/core');

answerEach((request: WritingRequest): Written => {
  if (request.is === 'paper') return orderPaper(request.order, request.number, request.readers);
  const { work, before } = request;
  const { plan } = planAround(work.inputs, work.decided);
  const order = crewOrder(plan, work.inputs);
  if (!before) return order;
  const earlier = crewOrder(planAround(before.inputs, before.decided).plan, before.inputs);
  return { ...order, changes: orderChanges(order, earlier, before.number) };
});
