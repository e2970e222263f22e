<?php

declare(strict_types=1);

namespace App\Audit;

/** What an entry of the log is about. */
enum LogTopic: string
{
    case Access = 'access';
    case Accounts = 'accounts';
    case Rules = 'rules';
    case Makers = 'makers';
    case Waivers = 'waivers';
    case Signing = 'signing';
    case Exports = 'exports';
    case Erasure = 'erasure';
    case Shelf = 'shelf';
    case Orders = 'orders';
    case Board = 'board';
    case Backups = 'backups';

    public function label(): string
    {
        return match ($this) {
            self::Access => 'Signing in and out',
            self::Accounts => 'Accounts',
            self::Rules => 'Limits and rules',
            self::Makers => 'Makers’ figures',
            self::Waivers => 'Waivers',
            self::Signing => 'Signatures',
            self::Exports => 'Exports',
            self::Erasure => 'Erasure',
            self::Shelf => 'Shelf of kits',
            self::Orders => 'Orders',
            self::Board => 'Board of the day',
            self::Backups => 'Backups',
        };
    }
}
