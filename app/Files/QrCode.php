<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\HtmlString;
use TCPDF2DBarcode;

/** An address as a pattern that the camera of a phone reads, ISO/IEC 18004; made by the library that makes the PDF. */
final class QrCode
{
    /** Read even where a fifth to a quarter of it is dirty: greasy hands have had the label. */
    private const KIND = 'QRCODE,Q';

    /** The light around it that a reader wants, in modules. ISO/IEC 18004, 5.3.8. */
    public const QUIET = 4;

    /** The pattern of an address never changes, and working out the best of its masks takes longer than the rest of a page of labels. */
    public static function of(string $address, string $said): HtmlString
    {
        [$side, $path] = Cache::rememberForever(
            'pattern '.hash('sha256', self::KIND.$address), static fn (): array => self::drawn($address),
        );

        return $path === '' ? new HtmlString('')
            : new HtmlString("<svg class=\"qr\" viewBox=\"0 0 {$side} {$side}\" role=\"img\" aria-label=\"".e($said)
                .'" shape-rendering="crispEdges">'
                ."<path fill=\"#fff\" d=\"M0 0h{$side}v{$side}h-{$side}z\"/><path fill=\"#000\" d=\"{$path}\"/></svg>");
    }

    /** @return array{int, string} how wide it is with the light around it, and its dark modules as a path; empty where it cannot be one */
    private static function drawn(string $address): array
    {
        $code = (new TCPDF2DBarcode($address, self::KIND))->getBarcodeArray();
        if (! is_array($code['bcode'] ?? null)) {
            return [0, ''];
        }
        $path = '';
        foreach (array_values($code['bcode']) as $y => $row) {
            foreach (array_values((array) $row) as $x => $isDark) {
                $path .= (int) $isDark === 1 ? 'M'.($x + self::QUIET).' '.($y + self::QUIET).'h1v1h-1z' : '';
            }
        }

        return [count($code['bcode']) + 2 * self::QUIET, $path];
    }
}
