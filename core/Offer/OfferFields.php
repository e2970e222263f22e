<?php

declare(strict_types=1);

namespace Spindle\Offer;

use Spindle\Inspection\WhileOpen\WhileOpenFields;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** What a job is offered for, how it was answered, and what it came to. Prices are plain numbers in the shop's own money. */
final class OfferFields
{
    public const OPTIONS = 'offer.options';

    public const FLYWHEEL = 'offer.flywheel';

    public const MACHINING = 'offer.machining';

    public const NEW_FLYWHEEL = 'offer.new_flywheel';

    public const OTHER = 'offer.other';

    public const OTHER_FOR = 'offer.other_for';

    public const NUMBER = 'offer.number';

    public const LINES = 'offer.lines';

    public const TOTAL = 'offer.total';

    public const CURRENCY = 'offer.currency';

    public const MADE_ON = 'offer.made_on';

    public const LIKELY_ON = 'offer.likely_on';

    public const SAFE_ON = 'offer.safe_on';

    public const ANSWER = 'offer.answer';

    public const ANSWERED_BY = 'offer.answered_by';

    public const ANSWERED_ON = 'offer.answered_on';

    public const ANSWERED_NUMBER = 'offer.answered_number';

    public const CAME_TO = 'offer.came_to';

    /** What goes into an offer and is entered for it. */
    public const ENTERED = [self::FLYWHEEL, self::MACHINING, self::NEW_FLYWHEEL, self::OTHER, self::OTHER_FOR, self::OPTIONS];

    private const DEAREST = 1_000_000.0;

    private const MOST_OFFERS = 99;

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Kit;
        $job = Nature::chosen(Whose::Job)->reading();
        $day = static fn (string $key, string $label, Nature $is): Field => (new Field($key, Kind::Date, $at, $label))->is($is);
        $money = static fn (string $key, string $label): Field => Make::fromZero($key, $at, $label, Dimension::Ratio, self::DEAREST);

        return [
            Make::choice(self::FLYWHEEL, $at, 'Flywheel offered', FlywheelWork::cases())->how('left out: it stays as it is')->is($job),
            $money(self::MACHINING, 'Machining of the flywheel costs')->how('as the machinist says, with what is added for it')->is($job),
            $money(self::NEW_FLYWHEEL, 'A new flywheel costs')->is($job),
            $money(self::OTHER, 'Anything else costs')->how('fluids, a part that no list has')->is($job),
            Make::text(self::OTHER_FOR, $at, 'Anything else, which is')->is($job->mayName()),
            Make::words(
                self::OPTIONS, Kind::Words, $at, 'Replaced with it while it is open', array_map(ucfirst(...), WhileOpenFields::parts()),
            )->is($job),
            Make::count(self::NUMBER, $at, 'Offer number', self::MOST_OFFERS)->is($job),
            Make::text(self::LINES, $at, 'What was offered')->is($job->mayName()),
            $money(self::TOTAL, 'Offered for')->is($job),
            Make::text(self::CURRENCY, $at, 'Offered in')->is($job),
            $day(self::MADE_ON, 'Offered on', $job),
            $day(self::LIKELY_ON, 'Offered: likely ready on', $job),
            $day(self::SAFE_ON, 'Offered: safely ready on', $job),
            Make::choice(self::ANSWER, $at, 'Answer', OfferAnswer::cases())->is($job),
            Make::text(self::ANSWERED_BY, $at, 'Answered by')->how('who said it, and how: by telephone, signed here')->is($job->mayName()),
            $day(self::ANSWERED_ON, 'Answered on', $job),
            Make::count(self::ANSWERED_NUMBER, $at, 'Answered: offer number', self::MOST_OFFERS)->is($job),
            Make::fromZero(self::CAME_TO, Station::Record, 'It came to', Dimension::Ratio, self::DEAREST)
                ->how('the bill, with everything that is in the offer')->is($job),
        ];
    }
}
