/** The name of a file as a URI reference (RFC 3986): relative as it is, or with the scheme `file` where it begins at the root. */
export function fileUri(name: string): string {
  const path = name.replaceAll('\\', '/').replace(/^(?:\.\/)+/, '');
  const escaped = path.split('/').map(escapedSegment).join('/');
  return escaped.startsWith('/') ? `file://${escaped}` : escaped;
}

/** A segment in which all that is not of the unreserved characters is escaped; halves of surrogate pairs, which no UTF-8 has, as the sign for what is not known. */
function escapedSegment(segment: string): string {
  return encodeURIComponent(segment.replace(/\p{Surrogate}/gu, '\ufffd'));
}
