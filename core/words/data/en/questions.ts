/** What is asked of labels, makers and counters, and the list that goes to the shop. */
export const QUESTIONS = {
  'ask.contains': 'Does it contain {what}, or traces?',
  'ask.in-it': 'Is {what} in it?',
  'ask.any': 'Is there any {what} in it, or traces?',
  'ask.title': '{plan}: questions for labels and makers',
  'ask.line': '[ ] {question}{grave, select, yes { (allergy or small child)} other {}} For: {groupsLow}.',
  'ask.read-by': 'Read by, and when:',
  'ask.none': 'Nothing is open.',

  'menu.head':
    '{guests, plural, one {# guest} other {# guests}}, {portions, plural, one {# portion} other {# portions}}; in brackets what each portion has',
  'menu.part':
    '{singles, select, yes {{n, number} × {surface}} other {{surface}{more, plural, =0 {} other { and {more, number} like it}}}}, for {portions, plural, one {# portion} other {# portions}}',
  'menu.food':
    '{food}{cut, select, yes {, {forms}} other {}} {mass} ({pieces, plural, =0 {{each}} other {# in each, {each}}}){kept, select, yes {, {left} left in the packs} other {}}',
} as const;
