<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Technician = 'technician';
    case Lead = 'lead';

    public function other(): self
    {
        return $this === self::Lead ? self::Technician : self::Lead;
    }
}
