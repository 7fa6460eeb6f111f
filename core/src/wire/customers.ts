import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { listOf, wordsSchema } from './answer.ts';

/** How a customer is reached. */
export interface CustomerContact {
  readonly person: string;
  readonly phone: string;
  readonly mail: string;
  readonly note: string;
}

const LONGEST_CONTACT = 500;
const words = Joi.string().trim().max(LONGEST_CONTACT).allow('').required();
const contact = { person: words, phone: words, mail: words, note: words };
export const customerContactSchema = Joi.object<CustomerContact>(contact);

export interface Customer extends CustomerContact {
  readonly id: string;
  readonly name: string;
}

export const customerSchema = Joi.object<Customer>({ id: uuidSchema, name: wordsSchema, ...contact });

export interface CustomersList {
  readonly customers: readonly Customer[];
}

export const customersListSchema = Joi.object<CustomersList>({ customers: listOf(customerSchema) });
