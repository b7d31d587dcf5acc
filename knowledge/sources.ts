import type { Source } from '#core/figures';

/** Where figures come from. "Practice" entries are common knowledge of the field, not one paper. */
export const SOURCES: readonly Source[] = [
  {
    id: 'own-counts',
    citation: "This garden's own counts, season by season, with what was done between them.",
  },
  {
    id: 'herms-2004',
    citation:
      'Herms D. A. 2004. Using degree-days and plant phenology to predict pest activity. In: IPM of ' +
      'Midwest Landscapes, University of Minnesota. First events, Ohio.',
  },
  {
    id: 'johnson',
    citation:
      'Degree-day ranges for treating vulnerable stages, compiled by W. T. Johnson, Cornell ' +
      'University. Start and method of the sums are not certain.',
  },
  {
    id: 'miller-davidson-2005',
    citation:
      'Miller D. R. & Davidson J. A. 2005. Armored Scale Insect Pests of Trees and Shrubs. Cornell ' +
      'University Press.',
  },
  {
    id: 'kosztarab-1996',
    citation:
      'Kosztarab M. 1996. Scale Insects of Northeastern North America. Virginia Museum of Natural History.',
  },
  {
    id: 'baskerville-1969',
    citation:
      'Baskerville G. L. & Emin P. 1969. Rapid estimation of heat accumulation from maximum and ' +
      'minimum temperatures. Ecology 50:514–517.',
  },
  {
    id: 'arnold-1960',
    citation:
      'Arnold C. Y. 1960. Maximum–minimum temperatures as a basis for computing heat units. Proc. Am. ' +
      'Soc. Hortic. Sci. 76:682–692.',
  },
  {
    id: 'sutton-unrath-1984',
    citation:
      'Sutton T. B. & Unrath C. R. 1984. Evaluation of the tree-row-volume concept with density ' +
      'adjustments in relation to spray deposition in apple orchards. Plant Dis. 68:480–484.',
  },
  {
    id: 'henderson-tilton-1955',
    citation:
      'Henderson C. F. & Tilton E. W. 1955. Tests with acaricides against the brown wheat mite. J. ' +
      'Econ. Entomol. 48:157–161.',
  },
  {
    id: 'wilson-1927',
    citation:
      'Wilson E. B. 1927. Probable inference, the law of succession, and statistical inference. J. Am. ' +
      'Stat. Assoc. 22:209–212.',
  },
  {
    id: 'jorgensen-1981',
    citation:
      'Jorgensen C. D., Rice R. E., Hoyt S. C. & Westigard P. H. 1981. Phenology of the San Jose scale ' +
      '(Homoptera: Diaspididae). Can. Entomol. 113:149–159.',
  },
  {
    id: 'kennett-hoffmann-1985',
    citation:
      'Kennett C. E. & Hoffmann R. W. 1985. Seasonal development of the California red scale in San ' +
      'Joaquin Valley citrus based on degree-day accumulation. J. Econ. Entomol. 78:73–79.',
  },
  {
    id: 'richardson-1981',
    citation:
      'Richardson C. W. 1981. Stochastic simulation of daily precipitation, temperature, and solar ' +
      'radiation. Water Resour. Res. 17:182–190.',
  },
  {
    id: 'machardy-gadoury-1989',
    citation:
      'MacHardy W. E. & Gadoury D. M. 1989. A revision of the criteria for predicting apple scab infection periods. Phytopathology 79:304–310.',
  },
  {
    id: 'stensvand-1997',
    citation:
      'Stensvand A., Gadoury D. M., Amundsen T., Semb L. & Seem R. C. 1997. Ascospore release and infection of apple leaves by conidia and ascospores of Venturia inaequalis at low temperatures. Phytopathology 87:1046–1053.',
  },
  {
    id: 'gadoury-machardy-1982',
    citation:
      'Gadoury D. M. & MacHardy W. E. 1982. A model to estimate the maturity of ascospores of Venturia inaequalis. Phytopathology 72:901–904.',
  },
  {
    id: 'mills-laplante-1951',
    citation:
      'Mills W. D. & Laplante A. A. 1951. Diseases and insects in the orchard. Cornell Ext. Bull. 711. Hours for moderate and severe infections, as reprinted.',
  },
  {
    id: 'giosue-2000',
    citation:
      'Giosuè S., Spada G., Rossi V., Carli G. & Ponti I. 2000. Forecasting infections of the leaf curl disease on peaches caused by Taphrina deformans. Eur. J. Plant Pathol. 106:563–571.',
  },
  {
    id: 'rossi-2006',
    citation:
      'Rossi V., Bolognesi M., Languasco L. & Giosuè S. 2006. Influence of environmental conditions on infection of peach shoots by Taphrina deformans. Phytopathology 96:155–163.',
  },
  {
    id: 'aldwinckle-1980',
    citation:
      'Aldwinckle H. S., Pearson R. C. & Seem R. C. 1980. Infection periods of Gymnosporangium juniperi-virginianae on apple. Phytopathology 70:1070–1073.',
  },
  {
    id: 'spotts-1977',
    citation:
      'Spotts R. A. 1977. Effect of leaf wetness duration and temperature on the infectivity of Guignardia bidwellii on grape leaves. Phytopathology 67:1378–1381.',
  },
  {
    id: 'eisensmith-jones-1981',
    citation:
      'Eisensmith S. P. & Jones A. L. 1981. A model for detecting infection periods of Coccomyces hiemalis on sour cherry. Phytopathology 71:728–732.',
  },
  {
    id: 'gadoury-pearson-1990',
    citation:
      'Gadoury D. M. & Pearson R. C. 1990. Ascocarp dehiscence and ascospore discharge in Uncinula necator. Phytopathology 80: 393–401.',
  },
  {
    id: 'gubler-1999',
    citation:
      'Gubler W. D., Rademacher M. R., Vasquez S. J. & Thomas C. S. 1999. On a risk index for grape powdery mildew. APSnet feature.',
  },
  {
    id: 'blaeser-weltzien',
    citation:
      'Blaeser M. & Weltzien H. C. 1979. Epidemiologische Studien an Plasmopara viticola. Z. Pflanzenkr. Pflanzenschutz 86:489–498; with the rule of three tens.',
  },
  {
    id: 'xu-1999',
    citation:
      'Xu X.-M. 1999. Modelling and forecasting epidemics of apple powdery mildew (Podosphaera leucotricha). Plant Pathol. 48:462–471.',
  },
  {
    id: 'dodge-1931',
    citation:
      'Dodge B. O. 1931. A further study of the morphology and life history of the rose black spot fungus. Mycologia 23:446–462.',
  },
  {
    id: 'agostini-2003',
    citation:
      'Agostini J. P., Bushong P. M., Bhatia A. & Timmer L. W. 2003. Influence of environmental factors on severity of citrus scab and melanose. Plant Dis. 87:1102–1106.',
  },
  {
    id: 'timmer-gottwald',
    citation:
      'Timmer L. W. & Gottwald T. R. 2000. Greasy spot and similar diseases. In: Compendium of Citrus Diseases, APS Press.',
  },
  {
    id: 'obanor-2008',
    citation:
      'Obanor F. O., Walter M., Jones E. E. & Jaspers M. V. 2008. Effect of temperature, relative humidity, leaf wetness and leaf age on Spilocaea oleagina conidium germination on olive leaves. Eur. J. Plant Pathol. 120:211–222; and 2011.',
  },
  {
    id: 'steiner',
    citation: 'Steiner P. W. 1990. Acta Hortic. 273:139–148. Its four conditions for blossom only.',
  },
  {
    id: 'tamm-1995',
    citation:
      'Tamm L., Minder C. E. & Flückiger W. 1995. Phenological analysis of brown rot blossom blight of sweet cherry caused by Monilinia laxa. Phytopathology 85:401–408.',
  },
  {
    id: 'shaw-1990',
    citation:
      'Shaw D. A., Adaskaveg J. E. & Ogawa J. M. 1990. Influence of wetness period and temperature on infection and development of shot-hole disease of almond. Phytopathology 80:749–756.',
  },
  {
    id: 'baudoin-1986',
    citation:
      'Baudoin A. B. A. M. 1986. Infection of photinia leaves by Entomosporium mespili. Plant Dis. 70:191–194.',
  },
  {
    id: 'magarey-2005',
    citation:
      'Magarey R. D., Sutton T. B. & Russo C. L. 2005. A simple generic infection model for foliar fungal plant pathogens. Phytopathology 95:92–100.',
  },
  {
    id: 'parton-logan-1981',
    citation:
      'Parton W. J. & Logan J. A. 1981. A model for diurnal variation in soil and air temperature. Agric. Meteorol. 23:205–216.',
  },
  {
    id: 'sentelhas-2008',
    citation:
      'Sentelhas P. C. et al. 2008. Suitability of relative humidity as an estimator of leaf wetness duration. Agric. For. Meteorol. 148:392–400.',
  },
  {
    id: 'practice',
    citation: 'Rule of thumb from growers and advisers; authors and regions differ. Yours to change.',
  },
];
