/**
 * What every answer carries. Scripts run only with this answer's own nonce, nothing is fetched from
 * elsewhere, no other page may frame it.
 * @param nonce fresh for each answer
 * @param development the bundler's own server evaluates what it sends
 * @param secure over an encrypted line, or on this machine: elsewhere a browser complains of what it ignores
 */
export function securityHeaders(
  nonce: string,
  { development = false, secure = true }: { development?: boolean; secure?: boolean } = {},
): Readonly<Record<string, string>> {
  const policy = {
    'default-src': "'self'",
    'script-src': `'self' 'nonce-${nonce}'${development ? " 'unsafe-eval'" : ''}`,
    // Drawings carry their measures as style attributes.
    'style-src': "'self' 'unsafe-inline'",
    'img-src': "'self' data: blob:",
    'font-src': "'self'",
    'connect-src': "'self'",
    'worker-src': "'self' blob:",
    'object-src': "'none'",
    'base-uri': "'none'",
    'form-action': "'self'",
    'frame-ancestors': "'none'",
  };
  return {
    'content-security-policy': Object.entries(policy)
      .map((rule) => rule.join(' '))
      .join('; '),
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
    ...(secure && { 'cross-origin-opener-policy': 'same-origin' }),
    'cross-origin-resource-policy': 'same-origin',
    'cross-origin-embedder-policy': 'require-corp',
  };
}
