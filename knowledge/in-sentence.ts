/** First words that are names of places or peoples and keep their capital within a sentence. */
const PROPER = new Set(['San', 'California', 'European', 'Florida', 'Indian', 'Japanese']);

/** A trouble's name as it stands within a sentence: "euonymus scale", but "San Jose scale". */
export function inSentence(name: string): string {
  return PROPER.has(name.split(' ')[0]!) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
