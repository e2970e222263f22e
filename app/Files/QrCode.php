<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Support\HtmlString;
use TCPDF2DBarcode;

/** An address as a pattern that the camera of a phone reads, ISO/IEC 18004; made by the library that makes the PDF. */
final class QrCode
{
    /** Read even where a fifth to a quarter of it is dirty: greasy hands have had the label. */
    private const KIND = 'QRCODE,Q';

    /** The light around it that a reader wants, in modules. ISO/IEC 18004, 5.3.8. */
    public const QUIET = 4;

    public static function of(string $address, string $said): HtmlString
    {
        $code = (new TCPDF2DBarcode($address, self::KIND))->getBarcodeArray();
        if (! is_array($code['bcode'] ?? null)) {
            return new HtmlString('');
        }
        $path = '';
        foreach (array_values($code['bcode']) as $y => $row) {
            foreach (array_values((array) $row) as $x => $isDark) {
                $path .= (int) $isDark === 1 ? 'M'.($x + self::QUIET).' '.($y + self::QUIET).'h1v1h-1z' : '';
            }
        }
        $side = count($code['bcode']) + 2 * self::QUIET;

        return new HtmlString("<svg class=\"qr\" viewBox=\"0 0 {$side} {$side}\" role=\"img\" aria-label=\"".e($said)
            .'" shape-rendering="crispEdges">'
            ."<path fill=\"#fff\" d=\"M0 0h{$side}v{$side}h-{$side}z\"/><path fill=\"#000\" d=\"{$path}\"/></svg>");
    }
}
