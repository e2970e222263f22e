<?php

declare(strict_types=1);

namespace Spindle\Assessment;

/** How a suspected cause stands once the clutch is open. */
enum Standing: string
{
    /** Triage named it and the parts show it. */
    case Confirmed = 'confirmed';
    /** The parts show it, though nothing from outside spoke for it. */
    case Found = 'found';
    /** Triage named it and the places where it would show were looked at without finding it. */
    case Contradicted = 'contradicted';
    /** The places where it would show were not all looked at. */
    case NotLookedAt = 'not_looked_at';
    /** An open clutch cannot tell. */
    case NotToBeSeen = 'not_to_be_seen';

    public function words(): string
    {
        return match ($this) {
            self::Confirmed => 'confirmed by the parts',
            self::Found => 'found, though nothing from outside spoke for it',
            self::Contradicted => 'contradicted, its places were looked at and nothing was found',
            self::NotLookedAt => 'neither proven nor ruled out yet',
            self::NotToBeSeen => 'not to be seen inside the clutch',
        };
    }
}
