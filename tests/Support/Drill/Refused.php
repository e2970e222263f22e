<?php

declare(strict_types=1);

namespace Tests\Support\Drill;

use RuntimeException;

/** The server was there and did not take what it was sent. */
final class Refused extends RuntimeException
{
}
