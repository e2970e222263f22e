<?php

declare(strict_types=1);

namespace App\Photos;

use GdImage;

/** A picture drawn anew: upright, not larger than needed, and without the place, time and camera that files carry. */
final readonly class CleanPicture
{
    private const LONGEST_SIDE = 1800;

    private const MOST_MEGAPIXELS = 50;

    private const QUALITY = 85;

    private const MEMORY = '640M';

    private function __construct(public string $jpeg, public int $width, public int $height)
    {
    }

    /** @throws PhotoError when the bytes are no picture, or one too large to open safely */
    public static function of(string $bytes): self
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw PhotoError::noPicture();
        }
        if (self::MOST_MEGAPIXELS * 1_000_000 < $size[0] * $size[1]) {
            throw PhotoError::tooLarge(self::MOST_MEGAPIXELS);
        }
        // Four bytes a point, twice while it is turned.
        ini_set('memory_limit', self::MEMORY);
        $image = $size[2] === IMAGETYPE_JPEG ? self::wholeJpeg($bytes) : @imagecreatefromstring($bytes);
        if ($image === false) {
            throw PhotoError::noPicture();
        }
        $image = self::small(self::upright($image, $size[2] === IMAGETYPE_JPEG ? $bytes : ''));
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return new self((string) ob_get_clean(), imagesx($image), imagesy($image));
    }

    /** The library fills what is missing of a JPEG with grey and says so in a notice; a picture that breaks off is no picture. */
    private static function wholeJpeg(string $bytes): GdImage|false
    {
        $breaksOff = false;
        $file = (string) tempnam(sys_get_temp_dir(), 'photo');
        $ignored = ini_set('gd.jpeg_ignore_warning', '0');
        set_error_handler(static function (int $no, string $said) use (&$breaksOff): bool {
            $breaksOff = $breaksOff || str_contains($said, 'Premature end');

            return true;
        });
        try {
            file_put_contents($file, $bytes);
            $image = imagecreatefromjpeg($file);
        } finally {
            restore_error_handler();
            ini_set('gd.jpeg_ignore_warning', (string) $ignored);
            unlink($file);
        }

        return $breaksOff ? throw PhotoError::breaksOff() : $image;
    }

    /** Cameras store pictures lying and note how they were held; the note goes, so the picture is turned. */
    private static function upright(GdImage $image, string $jpeg): GdImage
    {
        $stream = $jpeg === '' ? false : fopen('php://memory', 'r+');
        if ($stream === false) {
            return $image;
        }
        fwrite($stream, $jpeg);
        rewind($stream);
        $exif = function_exists('exif_read_data') ? @exif_read_data($stream) : false;
        fclose($stream);
        $turn = [3 => 180, 6 => -90, 8 => 90][$exif === false ? 1 : ($exif['Orientation'] ?? 1)] ?? 0;
        $turned = $turn === 0 ? false : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    private static function small(GdImage $image): GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $scale = min(1.0, self::LONGEST_SIDE / max($width, $height));
        [$w, $h] = [max(1, (int) round($width * $scale)), max(1, (int) round($height * $scale))];
        // Drawn on white: a transparent picture has no ground of its own, and JPEG knows no transparency.
        $small = imagecreatetruecolor($w, $h);
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $image, 0, 0, 0, 0, $w, $h, $width, $height);

        return $small;
    }
}
