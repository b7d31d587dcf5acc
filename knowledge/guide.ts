import { search, type Findable } from '#core/search';
import { CHECKS } from './checks.ts';
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

const ENTRIES: readonly (Findable & { readonly kind: GuideKind })[] = [
  ...TARGETS.map((target) => ({
    id: target.id,
    kind: 'target' as const,
    title: `${target.name} ${target.scientific}`,
    words: `${target.what} ${GROUPS[target.group].name} ${signWords(target.looks)} ${Object.keys(target.hosts).join(' ')}`,
  })),
  ...HOSTS.map((host) => ({
    id: host.id,
    kind: 'host' as const,
    title: `${host.name} ${host.botanical}`,
    words: '',
  })),
  ...CHECKS.map((check) => ({
    id: check.id,
    kind: 'check' as const,
    title: `${check.name} ${check.term ?? ''}`,
    words: `${check.question} ${check.how}`,
  })),
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

/** Finds troubles, plants and signs by their names, the guide's words or plain ones; best first. */
export function searchGuide(query: string): GuideHit[] {
  const byId = new Map(ENTRIES.map((entry) => [`${entry.kind}/${entry.id}`, entry]));
  const keyed = ENTRIES.map((entry) => ({ ...entry, id: `${entry.kind}/${entry.id}` }));
  return search(keyed, query, PLAIN_WORDS).map(({ id }) => ({
    kind: byId.get(id)!.kind,
    id: byId.get(id)!.id,
  }));
}
