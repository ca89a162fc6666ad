/** What another portion school gives against the one that is chosen. */
export const SCHOOLS = {
  'school.chosen': '{schoolCap} is the school of this plan: {how}.',
  'school.no-log': '{schoolCap}: note what was eaten at a board first.',
  'school.no-figures': '{schoolCap}: keep figures of your own first.',
  'school.as-much': '{schoolCap} gives about as much.',
  'school.less': '{schoolCap} gives {mass} less because {how}.',
  'school.more': '{schoolCap} gives {mass} more because {how}.',
} as const;
