<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Display;

/** What the walk says of a reading before it counts. */
final class WalkSentences implements Sentences
{
    public static function farFromItsNeighbours(AsRead $read, AsRead $middle): Said
    {
        return Said::as(__METHOD__, compact('read', 'middle'), static fn (Display $d): string => $d->read($read)
            .' is far from the other places, which lie about '.$d->read($middle).'. Take it once more; what comes out twice counts.');
    }

    public static function notLikeTheModel(AsRead $read, AsRead $low, AsRead $high, int $vehicles): Said
    {
        return Said::as(__METHOD__, compact('read', 'low', 'high', 'vehicles'), static fn (Display $d): string => $d->read($read)
            .' is unusual for this model: '.$d->read($low).' to '.$d->read($high)." on {$vehicles} readings here. Take it once more; what"
            .' comes out twice counts.');
    }
}
