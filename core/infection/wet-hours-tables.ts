/** Least hours of wet leaves at a mean temperature, °C. */
export type WetPoint = readonly [meanC: number, hours: number];

/**
 * Least wet hours for an infection by the mean temperature while wet. Apple scab, by ascospores on young leaves:
 * MacHardy & Gadoury 1989 (Phytopathology 79:304), Stensvand et al. 1997 (87:1046). Cedar-apple rust with spores
 * ready: Aldwinckle et al. 1980 (70:1070). Grape black rot: Spotts 1977 (67:1378). Olive peacock spot: Obanor et
 * al. 2008–2011. Rose black spot: Dodge 1931. Peach leaf curl: Rossi et al. 2006 (96:155); it also takes 3 mm of
 * rain and less than 19 °C after. Cherry leaf spot: Eisensmith & Jones 1981 (71:728), single points. Melanose:
 * Agostini et al. 2003. Brown rot of blossom: Tamm et al. 1995. Shot hole: Shaw et al. 1990. Entomosporium: Baudoin
 * 1986. Citrus scab and rose rust: least hours as growers have them.
 */
export const WET_HOURS = new Map<string, readonly WetPoint[]>([
  [
    'apple-scab',
    [
      [1, 40.5],
      [2, 34.7],
      [3, 29.6],
      [4, 27.8],
      [5, 21.2],
      [6, 18],
      [7, 15.4],
      [8, 13.4],
      [9, 12.2],
      [10, 11],
      [11, 9],
      [12, 8.3],
      [13, 8],
      [14, 7],
      [15, 7],
      [16, 6.1],
      [17, 6],
      [24, 6],
      [25, 8],
      [26, 11.3],
    ],
  ],
  [
    'cedar-apple-rust',
    [
      [2, 24],
      [4, 12],
      [6, 8],
      [8, 6],
      [10, 5],
      [12, 4],
      [14, 3],
      [18, 3],
      [20, 2],
      [26, 2],
    ],
  ],
  [
    'grape-black-rot',
    [
      [10, 24],
      [13, 12],
      [15.5, 9],
      [18.5, 8],
      [21, 7],
      [24, 7],
      [26.5, 6],
      [29.5, 9],
      [32, 12],
    ],
  ],
  [
    'olive-peacock-spot',
    [
      [5, 18],
      [10, 12],
      [15, 9],
      [20, 9],
      [25, 12],
    ],
  ],
  [
    'rose-black-spot',
    [
      [15, 7],
      [27, 7],
    ],
  ],
  [
    'peach-leaf-curl',
    [
      [0, 12.5],
      [16, 12.5],
    ],
  ],
  [
    'cherry-leaf-spot',
    [
      [8, 28],
      [16, 5],
      [20, 5],
      [24, 10],
      [27, 28],
    ],
  ],
  [
    'melanose',
    [
      [15, 18],
      [25, 10],
      [30, 10],
    ],
  ],
  [
    'citrus-scab',
    [
      [20, 2.5],
      [28, 2.5],
    ],
  ],
  [
    'brown-rot',
    [
      [10, 18],
      [15, 10],
      [20, 5],
      [25, 5],
    ],
  ],
  [
    'shot-hole',
    [
      [10, 24],
      [20, 6],
      [25, 6],
    ],
  ],
  [
    'entomosporium-leaf-spot',
    [
      [15, 9],
      [25, 9],
    ],
  ],
  [
    'rose-rust',
    [
      [18, 2],
      [21, 2],
    ],
  ],
]);

/** How much an infection comes to, where a table tells it. */
export const SEVERITIES = ['light', 'moderate', 'severe'] as const;
export type Severity = (typeof SEVERITIES)[number];

/**
 * Wet hours from which an infection is more than light. Apple scab: Mills & Laplante 1951, whose light infections
 * begin later than those of the newer table above. Cedar-apple rust: Aldwinckle et al. 1980.
 */
export const HEAVIER = new Map<
  string,
  readonly (readonly [severity: Severity, points: readonly WetPoint[]])[]
>([
  [
    'apple-scab',
    [
      [
        'moderate',
        [
          [6, 40],
          [8, 27],
          [10, 19],
          [11, 18],
          [12, 16],
          [13, 15],
          [14, 14],
          [15, 13],
          [17, 12],
          [24, 12],
          [25, 14],
          [26, 17],
        ],
      ],
      [
        'severe',
        [
          [6, 60],
          [8, 40],
          [10, 29],
          [11, 26],
          [12, 24],
          [13, 22],
          [14, 21],
          [15, 20],
          [17, 18],
          [24, 18],
          [25, 21],
          [26, 26],
        ],
      ],
    ],
  ],
  [
    'cedar-apple-rust',
    [
      [
        'severe',
        [
          [10, 7],
          [12, 5],
          [16, 5],
          [18, 4],
          [24, 4],
        ],
      ],
    ],
  ],
]);
