/** Answers by the text of their question, the last `most` of them: what was worked out once is not worked out again. */
export class KeptAnswers<A> {
  private readonly kept = new Map<string, A>();
  private readonly most: number;

  constructor(most: number) {
    this.most = most;
  }

  /** The answer to a question, undefined where it is not known; it is then the last to be forgotten. */
  get(key: string): A | undefined {
    const answer = this.kept.get(key);
    if (answer !== undefined) this.set(key, answer);
    return answer;
  }

  set(key: string, answer: A): void {
    this.kept.delete(key);
    this.kept.set(key, answer);
    for (const oldest of this.kept.keys()) {
      if (this.kept.size <= this.most) return;
      this.kept.delete(oldest);
    }
  }
}
