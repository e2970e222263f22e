<?php

declare(strict_types=1);

namespace App\Photos;

/** Why a file was not taken as a picture. */
final class PhotoError extends \DomainException
{
    public static function noPicture(): self
    {
        return new self('the file is no picture this program can read; JPEG, PNG and WebP are');
    }

    public static function breaksOff(): self
    {
        return new self('the picture breaks off before its end; send it again');
    }

    public static function notStored(): self
    {
        return new self('the picture could not be written to the disk whole; is it full?');
    }

    public static function tooLarge(int $megapixels): self
    {
        return new self("the picture has more than {$megapixels} million points; take it smaller");
    }
}
