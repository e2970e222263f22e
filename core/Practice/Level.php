<?php

declare(strict_types=1);

namespace Spindle\Practice;

/** How hard a practice job is. */
enum Level: string
{
    /** What triage proposes stands beside. */
    case Guided = 'guided';
    case Plain = 'plain';
    /** One sign more, of a cause that is not there. */
    case RedHerring = 'red_herring';
    case TwoFaults = 'two_faults';
    /** Among the kits is one that is not what the list says. */
    case ListLies = 'list_lies';

    public function label(): string
    {
        return match ($this) {
            self::Guided => 'One fault, with what triage would do next',
            self::Plain => 'One fault',
            self::RedHerring => 'One fault, and a sign that leads astray',
            self::TwoFaults => 'Two faults',
            self::ListLies => 'One fault, and a list of kits that lies',
        };
    }
}
