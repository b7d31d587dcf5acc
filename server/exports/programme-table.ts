import { programmeAnswer, type SeriesAnswer } from '#engine';
import { materialById, stepTitle } from '#knowledge';
import { exportTable, words } from './export-table.ts';

interface Row {
  readonly answer: SeriesAnswer;
  readonly step: SeriesAnswer['steps'][number];
}

export const PROGRAMME_TABLE = exportTable<Row>({
  id: 'programmes',
  title: 'Programmes',
  fileName: 'programmes.csv',
  rowIs: 'one turn of one step of a programme',
  rows: (day) =>
    programmeAnswer(day).flatMap((answer) => answer.steps.map((step): Row => ({ answer, step }))),
  columns: [
    words('programme', 'Its name', ({ answer }) => answer.series.name),
    words('plant', 'The plant; empty for the whole garden', ({ answer }) => answer.plantName),
    words('trouble', 'What it is against', ({ answer }) => answer.targetName),
    words('started on', 'Day it counts from', ({ answer }) => answer.series.startedOn),
    { name: 'step', unit: '', means: 'Which step, from 1', of: ({ step }) => step.step + 1 },
    { name: 'turn', unit: '', means: 'Which turn of the step, from 1', of: ({ step }) => step.turn + 1 },
    words('what', 'What is to be done', ({ step }) => stepTitle(step.plan, step.material)),
    words(
      'material',
      'What it is to be done with',
      ({ step }) => step.material && materialById(step.material).name,
    ),
    words('state', 'done, left-out, passed, late, open, coming or waits', ({ step }) => step.state),
    words('done on', 'Day it was done', ({ step }) => step.doneOn),
    words('from', 'First day it may be done', ({ step }) => step.from),
    words('to', 'Last day it is due', ({ step }) => step.to),
  ],
});
