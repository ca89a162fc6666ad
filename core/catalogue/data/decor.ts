import type { Decor } from '../decor.js';

/**
 * What stands on a board and is not eaten. Leaves that are poisonous or irritate never touch food (public lists of
 * poisonous plants); the others only clean, unsprayed and from somebody who grows them for food or sells them as safe.
 */
export const decorRows: readonly Decor[] = [
  { id: 'eucalyptus', name: 'Eucalyptus', also: ['gum leaves', 'silver dollar leaves'], touch: 'never', why: 'its oil is poisonous when swallowed and rubs off on food' },
  { id: 'ivy', name: 'Ivy', also: ['english ivy'], touch: 'never', why: 'leaves, sap and berries are poisonous' },
  { id: 'holly', name: 'Holly', also: ['holly berries'], touch: 'never', why: 'its berries are poisonous' },
  { id: 'mistletoe', name: 'Mistletoe', also: [], touch: 'never', why: 'leaves and berries are poisonous' },
  { id: 'lily-of-the-valley', name: 'Lily of the valley', also: ['muguet'], touch: 'never', why: 'all of it is poisonous to the heart, the water it stands in too' },
  { id: 'oleander', name: 'Oleander', also: [], touch: 'never', why: 'all of it is highly poisonous' },
  { id: 'hydrangea', name: 'Hydrangea', also: ['hortensia'], touch: 'never', why: 'leaves and flowers are poisonous' },
  { id: 'yew', name: 'Yew', also: ['taxus'], touch: 'never', why: 'needles and seeds are deadly' },
  { id: 'foxglove', name: 'Foxglove', also: ['digitalis'], touch: 'never', why: 'all of it is poisonous to the heart' },
  { id: 'daffodil', name: 'Daffodil', also: ['narcissus', 'jonquil'], touch: 'never', why: 'bulb, leaves and flowers are poisonous' },
  { id: 'lilies', name: 'Lilies', also: ['lily'], touch: 'never', why: 'pollen stains and irritates, and many are poisonous' },
  { id: 'azalea', name: 'Azalea and rhododendron', also: ['rhododendron'], touch: 'never', why: 'leaves, flowers and nectar are poisonous' },
  { id: 'poinsettia', name: 'Poinsettia', also: ['euphorbia'], touch: 'never', why: 'its milky sap irritates mouth and skin' },
  { id: 'laurel-cherry', name: 'Cherry laurel', also: ['laurel hedge', 'prunus laurocerasus'], touch: 'never', why: 'its leaves give off cyanide, and they look like bay' },
  { id: 'boxwood', name: 'Box', also: ['boxwood', 'buxus'], touch: 'never', why: 'all of it is poisonous' },
  { id: 'ruscus', name: 'Ruscus', also: ['butcher’s broom'], touch: 'never', why: 'its berries are poisonous and florists’ stems are treated' },
  { id: 'monstera', name: 'Monstera leaf', also: ['swiss cheese plant'], touch: 'never', why: 'its sap holds needles of oxalate that burn the mouth' },
  { id: 'sweet-pea', name: 'Sweet pea', also: [], touch: 'never', why: 'seeds and flowers are poisonous, unlike those of garden peas' },
  { id: 'ranunculus', name: 'Buttercups and ranunculus', also: ['buttercup', 'anemone'], touch: 'never', why: 'the sap irritates mouth and skin' },
  { id: 'fig-leaves', name: 'Fig leaves', also: ['fig leaf'], touch: 'liner', why: 'the milky sap irritates: lay paper between' },
  { id: 'moss', name: 'Moss', also: [], touch: 'liner', why: 'it carries soil: lay paper between' },
  { id: 'pine-twigs', name: 'Pine or fir twigs', also: ['fir', 'spruce'], touch: 'liner', why: 'resin and needles come off, and yew looks like it: lay paper between' },
  { id: 'driftwood', name: 'Driftwood and stones', also: ['pebbles'], touch: 'liner', why: 'they cannot be washed clean: lay paper between' },
  { id: 'shells', name: 'Shells', also: ['scallop shells'], touch: 'liner', why: 'boil them first, and keep them from those with a shellfish allergy' },
  { id: 'vine-leaves', name: 'Vine leaves', also: ['grape leaves'], touch: 'clean', why: 'washed and unsprayed' },
  { id: 'lemon-leaves', name: 'Lemon leaves', also: ['citrus leaves'], touch: 'clean', why: 'washed and unsprayed' },
  { id: 'bay-leaves', name: 'Bay leaves', also: ['laurel'], touch: 'clean', why: 'washed; not to be swallowed whole; cherry laurel looks like it' },
  { id: 'banana-leaves', name: 'Banana leaf', also: [], touch: 'clean', why: 'washed and wiped dry' },
  { id: 'olive-twigs', name: 'Olive twigs', also: ['olive branch'], touch: 'clean', why: 'washed and unsprayed' },
  { id: 'parchment', name: 'Baking paper', also: ['butcher paper', 'liner'], touch: 'clean', why: 'made for food' },
];
