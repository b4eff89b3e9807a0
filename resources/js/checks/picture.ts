import { http, newId } from '@/api/client';

/** The longest side a picture is sent with; the server scales to the same. */
const LONGEST = 1600;

export interface Mark {
  x: number;
  y: number;
}
export type View = 'side' | 'behind';

/** What is marked, in the order it is asked for. */
export const MARKS: Record<View, { key: string; label: string }[]> = {
  side: [
    { key: 'ankle', label: 'ankle' },
    { key: 'knee', label: 'knee' },
    { key: 'hip', label: 'hip' },
    { key: 'shoulder', label: 'shoulder' },
    { key: 'ear', label: 'ear' },
  ],
  behind: [
    { key: 'left', label: 'left hip bone' },
    { key: 'right', label: 'right hip bone' },
  ],
};
export const LENGTH_MARKS = [
  { key: 'from', label: 'first end of a known length' },
  { key: 'to', label: 'second end of the length' },
];

export const clamp = (mark: Mark, width: number, height: number): Mark => ({
  x: Math.round(Math.min(width, Math.max(0, mark.x))),
  y: Math.round(Math.min(height, Math.max(0, mark.y))),
});

/** Arrow keys move a mark by one pixel, with Shift by ten; null for any other key. */
export function stepped(mark: Mark, key: string, far: boolean): Mark | null {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[key];
  if (!by) return null;
  const [x = 0, y = 0] = by;
  return { x: mark.x + x * (far ? 10 : 1), y: mark.y + y * (far ? 10 : 1) };
}

/** The picture made small before it is sent: quicker, and without what the camera wrote into it. */
async function shrunk(file: File): Promise<Blob> {
  try {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * scale);
    canvas.height = Math.round(picture.height * scale);
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.85));
    return small ?? file;
  } catch {
    // What the browser cannot read the server judges, and says why.
    return file;
  }
}

export interface SentPicture {
  id: string;
  width: number;
  height: number;
}

/** Sends a picture; the sentence why when it is refused. */
export async function sendPicture(person: string, file: File): Promise<SentPicture | string> {
  const form = new FormData();
  form.append('id', newId());
  form.append('photo', await shrunk(file), 'photo.jpg');
  const { data, error } = await http.POST('/api/people/{person}/photos', {
    params: { path: { person } },
    body: { id: '', photo: '' },
    bodySerializer: () => form,
  });
  if (data) return data;
  const refusal = error;
  return refusal.fields.photo?.[0] ?? refusal.sentence;
}
