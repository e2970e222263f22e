<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

/** The groups in which kits stand for a job; they are never mixed, whatever the score. The better first. */
enum Standing: string
{
    /** Every check was made and holds, and so do both checks of torque. */
    case Known = 'known';

    /** Nothing speaks against it; a datum of the kit or of the vehicle is missing. */
    case Asked = 'asked';

    /** It can be put in, and is short of what is wanted, harsh, or not made for such work. */
    case Beyond = 'beyond';

    /** It cannot be put in. */
    case Unfit = 'unfit';

    public function label(): string
    {
        return match ($this) {
            self::Known => 'Known to fit and carry',
            self::Asked => 'To be asked',
            self::Beyond => 'Short or harsh',
            self::Unfit => 'Cannot be put in',
        };
    }

    /** The greater the better. */
    public function rank(): int
    {
        return count(self::cases()) - 1 - (int) array_search($this, self::cases(), true);
    }
}
