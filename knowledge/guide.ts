import { finder, type Findable } from '#core/search';
import { CHECKS } from './checks/index.ts';
import { GROUPS } from './groups.ts';
import { HOSTS } from './hosts.ts';
import { TARGETS } from './targets/index.ts';

export type GuideKind = 'target' | 'host' | 'check';

/** Plain words people look for, and the guide's words for the same. */
const PLAIN_WORDS: ReadonlyMap<string, string> = new Map([
  ['squiggly', 'winding trail'],
  ['squiggle', 'winding trail'],
  ['line', 'trail'],
  ['lines', 'trail'],
  ['fluff', 'felt cottony woolly mealy'],
  ['fluffy', 'felt cottony woolly mealy'],
  ['cotton', 'cottony'],
  ['goo', 'sticky honeydew'],
  ['gooey', 'sticky honeydew'],
  ['syrup', 'honeydew sticky'],
  ['soot', 'sooty mould black'],
  ['sooty', 'black film mould'],
  ['bumps', 'domes covers corky'],
  ['bump', 'domes dome covers corky'],
  ['bugs', 'insects'],
  ['tracks', 'trail winding'],
  ['tunnel', 'trail mine'],
  ['tunnels', 'trail mine'],
  ['powder', 'bloom dusted rusty powdery'],
  ['flour', 'bloom mealy'],
  ['orange', 'orange rusty citrus'],
  ['curled', 'rolled curl curled'],
  ['curling', 'rolled curl'],
  ['eaten', 'chewed eaten'],
  ['holes', 'holes holed'],
  ['burnt', 'scorch burn'],
  ['moss', 'lichen'],
  ['shells', 'crust covers shells'],
  ['barnacles', 'crust covers'],
  ['snow', 'white males snow'],
  ['spots', 'spots blotches'],
  ['webs', 'webbing web'],
  ['lump', 'lumps wax'],
  ['mold', 'mould mildew'],
]);

/** Ids are told apart by kind: a plant and a trouble may share one. */
const entry = (kind: GuideKind, id: string, title: string, words: string) => ({ kind, id, title, words });

const ENTRIES: readonly (Findable & { readonly kind: GuideKind })[] = [
  ...TARGETS.map(({ id, name, scientific, what, group, looks, hosts }) =>
    entry(
      'target',
      id,
      `${name} ${scientific}`,
      `${what} ${GROUPS[group].name} ${signWords(looks)} ${Object.keys(hosts).join(' ')}`,
    ),
  ),
  ...HOSTS.map(({ id, name, botanical }) => entry('host', id, `${name} ${botanical}`, '')),
  ...CHECKS.map(({ id, name, term, question, how }) =>
    entry('check', id, `${name} ${term ?? ''}`, `${question} ${how}`),
  ),
];

/** The wording of signs a trouble usually shows, so that it is found by them. */
function signWords(looks: (typeof TARGETS)[number]['looks']): string {
  return CHECKS.filter(
    (check) => check.kind === 'sign' && ['always', 'usually'].includes(looks[check.id]?.yes ?? ''),
  )
    .map((check) => `${check.name} ${check.question} ${check.term ?? ''}`)
    .join(' ');
}

export interface GuideHit {
  readonly kind: GuideKind;
  readonly id: string;
}

const keyOf = ({ kind, id }: GuideHit) => `${kind}/${id}`;
const HITS: ReadonlyMap<string, GuideHit> = new Map(
  ENTRIES.map((entry) => [keyOf(entry), { kind: entry.kind, id: entry.id }]),
);
const find = finder(
  ENTRIES.map((keyed) => ({ ...keyed, id: keyOf(keyed) })),
  PLAIN_WORDS,
);

/** Finds troubles, plants and signs by their names, the guide's words or plain ones; best first. */
export function searchGuide(query: string): GuideHit[] {
  return find(query).map((key) => HITS.get(key)!);
}
