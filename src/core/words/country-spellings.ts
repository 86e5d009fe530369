/** A word as both countries would have to write it: `colour` and `color`, `normalise` and `normalize`, `cancelled` and `canceled`, `centre` and `center` are one. */
export function withoutCountry(word: string): string {
  return word
    .replace(/our/g, 'or')
    .replace(/[yi][sz](?=e|ation|ing)/g, 'iz')
    .replace(/([lp])\1(?=e[drs]|ing|or|ment)|(?<=fulfi|enro|disti|insta|insti)(l)l/g, '$1$2')
    .replace(/re$/, 'er')
    .replace(/ogue$/, 'og')
    .replace(/ence$/, 'ense')
    .replace(/^grey/, 'gray');
}
