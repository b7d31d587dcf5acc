import type { Source } from '#core/figures';

/** Where figures come from. "Practice" entries are common knowledge of the field, not one paper. */
export const SOURCES: readonly Source[] = [
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
    id: 'practice',
    citation: 'Rule of thumb from growers and advisers; authors and regions differ. Yours to change.',
  },
];
