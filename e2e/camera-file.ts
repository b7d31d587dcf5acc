import type { Page } from '@playwright/test';

/** A JPEG as a camera would write it: a drawn leaf with dark spots, and the moment it was taken. */
export async function cameraFile(page: Page, takenAt: string): Promise<Buffer> {
  const base64 = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 2400;
    canvas.height = 1800;
    const pen = canvas.getContext('2d')!;
    pen.fillStyle = '#e9e4d8';
    pen.fillRect(0, 0, 2400, 1800);
    pen.fillStyle = '#5f8a3c';
    pen.beginPath();
    pen.ellipse(1200, 900, 1000, 560, -0.3, 0, 7);
    pen.fill();
    pen.fillStyle = '#6b4a2f';
    for (const [x, y] of [
      [800, 900],
      [1200, 700],
      [1500, 950],
    ] as const) {
      pen.beginPath();
      pen.arc(x, y, 60, 0, 7);
      pen.fill();
    }
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1]!;
  });
  const jpeg = Buffer.from(base64, 'base64');
  return Buffer.concat([jpeg.subarray(0, 2), exifSegment(takenAt), jpeg.subarray(2)]);
}

/** An EXIF segment that holds nothing but DateTimeOriginal, "2026:05:20 10:00:00". */
function exifSegment(takenAt: string): Buffer {
  const tiff = Buffer.alloc(64);
  tiff.write('MM', 0);
  tiff.writeUInt16BE(42, 2);
  tiff.writeUInt32BE(8, 4);
  const entry = (at: number, tag: number, type: number, count: number, value: number) => {
    tiff.writeUInt16BE(1, at);
    tiff.writeUInt16BE(tag, at + 2);
    tiff.writeUInt16BE(type, at + 4);
    tiff.writeUInt32BE(count, at + 6);
    tiff.writeUInt32BE(value, at + 10);
  };
  entry(8, 0x8769, 4, 1, 26);
  entry(26, 0x9003, 2, 20, 44);
  tiff.write(`${takenAt}\0`, 44);
  const body = Buffer.concat([Buffer.from('Exif\0\0'), tiff]);
  const head = Buffer.alloc(4);
  head.writeUInt16BE(0xffe1, 0);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([head, body]);
}
