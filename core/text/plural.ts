const RULES = new Map<string, Intl.PluralRules>();

/** The forms of a word in one language; a form that is not given is said as `other`. */
export type PluralForms = Partial<Record<Intl.LDMLPluralRule, string>> & { readonly other: string };

/**
 * The form that a count asks for in a language, after its own rules (Unicode CLDR, by way of `Intl.PluralRules`).
 *
 * @example
 * pluralIn('en-GB')(1, { one: 'one step', other: 'steps' }); // 'one step'
 */
export function pluralIn(locale: string): (count: number, forms: PluralForms) => string {
  const rules = RULES.get(locale) ?? new Intl.PluralRules(locale);
  RULES.set(locale, rules);
  return (count, forms) => forms[rules.select(count)] ?? forms.other;
}
