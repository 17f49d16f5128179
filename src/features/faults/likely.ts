/** A probability in a cook's words. `likelyWords(0.62)` → `'most likely'` */
export function likelyWords(probability: number): string {
  if (probability >= 0.8) return 'as good as sure';
  if (probability >= 0.45) return 'most likely';
  if (probability >= 0.2) return 'quite likely';
  if (probability >= 0.06) return 'possible';
  return 'hardly';
}
