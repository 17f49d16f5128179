/**
 * For tests: where a value differs from what an example says it is, or null. Numbers are held to the digits
 * written; `…` stands for more of the same.
 * @example differs('{ mm: 0.83, … }', { mm: 0.8312, label: '8' }) // null
 */
export function differs(gives: string, value: unknown): string | null {
  const reader = new Reader(gives.replaceAll('−', '-'));
  return reader.compare(value, 'it');
}

/** Reads a literal from the left and holds a value against it on the way. Prose says nothing to hold. */
class Reader {
  private at = 0;
  constructor(private readonly text: string) {}

  compare(value: unknown, name: string): string | null {
    const number = this.take(/-?\d[\d_]*(?:\.(\d+))?(?!\w|:\d)/y);
    if (number) {
      const said = Number(number[0]);
      const within = 0.5000001 * 10 ** -(number[1]?.length ?? 0);
      const is = typeof value === 'number' && Math.abs(value - said) <= within;
      return is ? null : `${name} is ${JSON.stringify(value)}, not ${number[0]}`;
    }
    const word = this.take(/true\b|false\b|null\b|undefined\b/y);
    if (word)
      return String(value) === word[0] ? null : `${name} is ${String(value)}, not ${word[0]}`;
    const string = this.take(/'((?:[^'\\]|\\.)*)'/y);
    if (string) return this.words(string[1]!, value, name);
    if (this.take(/\[/y)) return this.list(value, name);
    if (this.take(/\{/y)) return this.fields(value, name);
    return null;
  }

  private words(said: string, value: unknown, name: string): string | null {
    const is = said.endsWith('…')
      ? String(value).startsWith(said.slice(0, -1))
      : value === said.replace(/\\(.)/g, '$1');
    return is ? null : `${name} is ${JSON.stringify(value)}, not '${said}'`;
  }

  private list(value: unknown, name: string): string | null {
    const items = Array.isArray(value) ? (value as unknown[]) : [];
    for (let i = 0; ; i++) {
      if (this.take(/…,?/y)) i = items.length;
      if (this.take(/\]/y)) return i === items.length ? null : `${name} holds ${items.length}`;
      const wrong = this.compare(items[i], `${name}[${i}]`);
      if (wrong) return wrong;
      this.take(/,/y);
    }
  }

  private fields(value: unknown, name: string): string | null {
    const record = (value ?? {}) as Record<string, unknown>;
    for (;;) {
      this.take(/…,?/y);
      if (this.take(/\}/y)) return null;
      const field = this.take(/(\w+):/y)?.[1] ?? '?';
      const wrong = this.compare(record[field], `${name}.${field}`);
      if (wrong) return wrong;
      this.take(/,/y);
    }
  }

  private take(pattern: RegExp): RegExpExecArray | null {
    while (this.text[this.at] === ' ') this.at++;
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.text);
    if (found) this.at = pattern.lastIndex;
    return found;
  }
}
