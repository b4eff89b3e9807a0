/** What is kept about people lies encrypted on the device: AES-GCM, a fresh nonce for each. */
export interface Sealed {
  iv: Uint8Array<ArrayBuffer>;
  data: ArrayBuffer;
}

/** A key that only this browser can use and nobody can read out of it. */
export const newKey = (): Promise<CryptoKey> =>
  crypto.subtle.generateKey({ name: 'AES-GCM', length: 256 }, false, ['encrypt', 'decrypt']);

export async function seal(key: CryptoKey, value: unknown): Promise<Sealed> {
  const iv = crypto.getRandomValues(new Uint8Array(12));
  return { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(JSON.stringify(value))) };
}

/** Throws where the key is not the one it was sealed with, or something was changed. */
export async function unseal<Value>(key: CryptoKey, { iv, data }: Sealed): Promise<Value> {
  return JSON.parse(new TextDecoder().decode(await crypto.subtle.decrypt({ name: 'AES-GCM', iv }, key, data))) as Value;
}
