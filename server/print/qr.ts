import { toDataURL } from 'qrcode'

/** A link as a QR code (ISO/IEC 18004), a PNG that a page can carry. */
export function qrImage(link: string): Promise<string> {
  return toDataURL(link, { errorCorrectionLevel: 'M', margin: 2, scale: 6 })
}
