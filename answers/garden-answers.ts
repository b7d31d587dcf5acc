import { Hono } from 'hono';
import type { AnswersFrom } from './answers-from.ts';
import { mixAnswers } from './mix-answers.ts';
import { plantAnswers } from './plant-answers.ts';
import { seasonAnswers } from './season-answers.ts';
import { watchAnswers } from './watch-answers.ts';

/** Every question about a garden, by its address, wherever it is answered. */
export const gardenAnswers = (from: AnswersFrom) =>
  new Hono()
    .route('/', seasonAnswers(from))
    .route('/', plantAnswers(from))
    .route('/', watchAnswers(from))
    .route('/', mixAnswers(from));
