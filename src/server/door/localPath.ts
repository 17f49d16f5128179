/** Stands for this kitchen, whatever it is called. */
const HERE = 'http://here.invalid';

/**
 * Where to go once signed in: a page here, and nowhere else, however the address is written.
 * @example localPath('/plans/a?at=count') // '/plans/a?at=count'
 * @example localPath('//elsewhere.example') // '/'
 */
export function localPath(to: unknown): string {
  try {
    const { origin, pathname, search } = new URL(typeof to === 'string' ? to : '/', HERE);
    return origin === HERE && pathname !== '/door' && !pathname.startsWith('//')
      ? `${pathname}${search}`
      : '/';
  } catch {
    return '/';
  }
}
