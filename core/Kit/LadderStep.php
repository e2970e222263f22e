<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;

/** One way to a clutch that carries more, and what it yields for this engine. */
final readonly class LadderStep
{
    public const LARGER_DISC = 'larger_disc';

    public const STRONGER_COVER = 'stronger_cover';

    public const MATERIAL = 'material';

    public const PADS = 'pads';

    public const TWO_DISCS = 'two_discs';

    /** @param  bool  $carries  that step alone is enough */
    public function __construct(public string $id, public string $label, public Torque $carried, public Ratio $margin, public bool $carries)
    {
    }
}
