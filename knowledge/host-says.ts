/** What is said against a material on a kind of plant that bears it badly, by the rule of use that says it. */
export const HOST_SAYS = {
  'oil-avoid': 'This kind is hurt by oil in any state.',
  'oil-dormant-only': 'This kind bears oil only while bare; one that never is bare, only in the cool season.',
  'oil-test': 'Oil on one shoot first, and 48 hours: this kind can be sensitive.',
  'soap-tender': 'Soap marks this kind: one leaf first, and 48 hours.',
  'sulfur-never': 'Sulfur burns this kind.',
  'sulfur-some': 'Sulfur marks some varieties of it: try one shoot first.',
  'copper-in-leaf':
    'Copper marks leaves and fruit when it dries slowly: only on a drying day, at the low rate.',
} as const;
