import { addDays, type CivilDate } from '#core/calendar';
import type { Photo } from '#core/records';
import type { WeatherDay } from '#core/weather';
import type { WatchAnswer } from '#engine';
import { HANDWORK, hostById, inSentence, materialById, samplePacking } from '#knowledge';
import { showFullDate } from '../../../show/dates.ts';
import { levelWords, showMeasureOf, unitWords } from '../../../show/measures.ts';
import { showShareRange, significant, type Show } from '../../../show/units.ts';
import { STATUS_WORDS } from '../status-words.ts';
import { COVERAGE_WORDS } from '../spray-words.ts';
import { RATE_UNITS, SCOPE_WORDS } from '../../mix/mix-words.ts';

/** Whom a sheet is for. */
export const READERS = ['arborist', 'adviser', 'laboratory'] as const;
export type Reader = (typeof READERS)[number];
export const READER_WORDS: Readonly<Record<Reader, string>> = {
  arborist: 'A licensed arborist',
  adviser: 'An adviser',
  laboratory: 'A laboratory',
};

export interface HandoverAsked {
  readonly reader: Reader;
  readonly question: string;
  /** Names of the gardener's own: plants, products, notes. Left out unless asked for. */
  readonly withNames: boolean;
}

export interface HandoverScene {
  readonly picture: WatchAnswer;
  readonly photos: readonly Photo[];
  /** Measured days of the season so far. */
  readonly measured: readonly WeatherDay[];
  readonly today: CivilDate;
  readonly show: Show;
  readonly productOf: (id: string) =>
    | {
        readonly name: string;
        readonly materialId: string;
        readonly lines: readonly { readonly id: string; readonly rateUnit: keyof typeof RATE_UNITS }[];
      }
    | undefined;
}

/** A part of the sheet: a heading and its lines, read on the screen, on paper and as plain text. */
export interface SheetPart {
  readonly title: string;
  readonly lines: readonly string[];
}

/** One watch for somebody who does not know the garden, with nothing personal unless asked for. */
export function handoverSheet(asked: HandoverAsked, scene: HandoverScene): SheetPart[] {
  const { reader, question } = asked;
  return [
    { title: 'For', lines: [`${READER_WORDS[reader]}. Written on ${showFullDate(scene.today)}.`] },
    { title: 'Question', lines: [question.trim() || usualQuestion(reader)] },
    { title: 'Plant', lines: plantLines(asked, scene) },
    { title: 'Trouble', lines: troubleLines(scene) },
    { title: 'Counts', lines: countLines(scene) },
    { title: 'What was used, and when', lines: usedLines(asked, scene) },
    { title: 'Weather', lines: weatherLines(scene) },
    ...(reader === 'laboratory' ? [{ title: 'To pack', lines: packLines(scene) }] : []),
  ];
}

export const usualQuestion = (reader: Reader): string =>
  reader === 'laboratory'
    ? 'What is it?'
    : reader === 'arborist'
      ? 'Can it be treated, and how?'
      : 'What would you do?';

/** The sheet as plain text. */
export const asPlainText = (title: string, parts: readonly SheetPart[]): string =>
  [title, '', ...parts.flatMap(({ title: heading, lines }) => [heading.toUpperCase(), ...lines, ''])].join(
    '\n',
  );

/** A short number for a sample, by which it is found again here; it tells nothing elsewhere. */
export const sampleNumber = (watchId: string): string => watchId.slice(-6).toUpperCase();

function plantLines({ withNames }: HandoverAsked, { picture: { plant }, show }: HandoverScene): string[] {
  const host = hostById(plant.hostId);
  const size = `${show.length(plant.heightM)} high, ${show.length(plant.spreadM)} wide`;
  const row = plant.lengthM === null ? '' : `, a row of ${show.length(plant.lengthM)}`;
  return [
    `${host.name}${host.botanical ? ` (${host.botanical})` : ''}${withNames ? `, called ${plant.name}` : ''}.`,
    `${size}${row}; ${plant.age}, vigour ${plant.vigour}, ${plant.light}, watered by ${plant.watering}.`,
    ...(plant.edible ? ['Its crop is eaten.'] : []),
    ...(plant.outOfReach ? ['Part of it is out of reach from the ground.'] : []),
  ];
}

function troubleLines({ picture }: HandoverScene): string[] {
  const { watch, targetName, status, level } = picture;
  const by = { key: 'by a key of signs', owner: 'by the owner', lab: 'by a laboratory or adviser' } as const;
  return [
    `Called ${inSentence(targetName)}${watch.namedBy ? `, named ${by[watch.namedBy]}` : ''}; watched since ${showFullDate(watch.openedOn)}, ${STATUS_WORDS[status]}.`,
    ...(level ? [`Level ${level.level} of 5: ${levelWords(level)}.`] : []),
  ];
}

const MOST_COUNTS = 8;

function countLines({ picture: { samples } }: HandoverScene): string[] {
  if (samples.length === 0) return ['Not counted yet.'];
  return samples.slice(-MOST_COUNTS).map(({ on, protocol, summary }) => {
    const holed = summary.holedShare ? `; holed by wasps ${showShareRange(summary.holedShare)}` : '';
    return `${showFullDate(on)}: ${showMeasureOf(protocol, summary.measure)}, on ${unitWords(protocol, summary.measure.units)} (95 %)${holed}.`;
  });
}

const MOST_WORKS = 14;

function usedLines({ withNames }: HandoverAsked, { picture, show, productOf }: HandoverScene): string[] {
  const sprays = picture.sprays.map(({ on, parts, sprayMl, scope, coverage, leafState, weather }) => {
    const what = parts
      .map(({ productId, lineId, rate }) => {
        const product = productOf(productId);
        const unit = product?.lines.find(({ id }) => id === lineId)?.rateUnit;
        const material = product ? materialById(product.materialId).name : 'a product';
        return `${material}${withNames && product ? ` (${product.name})` : ''} ${significant(rate, 2)} ${unit ? RATE_UNITS[unit] : ''}`.trimEnd();
      })
      .join(' with ');
    const air = weather ? `, ${show.temperature(weather.minC)} to ${show.temperature(weather.maxC)}` : '';
    const wetted = coverage ? `, ${COVERAGE_WORDS[coverage]}` : '';
    return {
      on,
      words: `${what}; ${show.volume(sprayMl)}, ${SCOPE_WORDS[scope]}, ${leafState.replaceAll('-', ' ')}${wetted}${air}`,
    };
  });
  const hand = picture.handwork.map(({ on, kind, note }) => ({
    on,
    words: `by hand: ${HANDWORK[kind].done}${withNames && note ? ` (${note})` : ''}`,
  }));
  const done = [...sprays, ...hand].sort((a, b) => (a.on < b.on ? -1 : 1)).slice(-MOST_WORKS);
  return done.length === 0 ? ['Nothing yet.'] : done.map(({ on, words }) => `${showFullDate(on)}: ${words}.`);
}

const WEATHER_DAYS = 30;

function weatherLines({ measured, today, show }: HandoverScene): string[] {
  const last = measured.filter(({ date }) => date > addDays(today, -WEATHER_DAYS) && date <= today);
  if (last.length === 0) return ['Not measured here.'];
  const told = last.flatMap(({ rainMm }) => rainMm ?? []);
  const rain =
    told.length > 0
      ? `, rain ${show.rain(told.reduce((sum, mm) => sum + mm, 0))} in ${told.length} days told`
      : '';
  return [
    `Last ${last.length} measured days: ${show.temperature(Math.min(...last.map(({ minC }) => minC)))} to ${show.temperature(Math.max(...last.map(({ maxC }) => maxC)))}${rain}.`,
  ];
}

function packLines({ picture: { watch } }: HandoverScene): string[] {
  const { part, how } = samplePacking(watch.group);
  return [`Send ${part}.`, ...how];
}
