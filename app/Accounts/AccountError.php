<?php

declare(strict_types=1);

namespace App\Accounts;

/** Why an account stays as it is, and by which field of a form that is said. */
final class AccountError extends \DomainException
{
    private function __construct(public readonly string $field, string $said)
    {
        parent::__construct($said);
    }

    public static function lastLead(): self
    {
        return new self('person', 'Somebody has to be the lead: make another account the lead first.');
    }

    public static function nameTaken(string $name): self
    {
        return new self('name', "Name: {$name} has an account already. Names stand under what was done, so each is given once.");
    }

    public static function loginTaken(string $login): self
    {
        return new self('login', "Sign-in name: {$login} is taken.");
    }

    public static function tooManyTries(int $seconds): self
    {
        return new self('login', "Too many failed tries. Wait {$seconds} seconds, then try again; the lead can let you in sooner.");
    }

    public static function doNotGoTogether(): self
    {
        return new self('login', 'Name and password do not go together.');
    }

    public static function firstPasswordIsOver(): self
    {
        return new self('login', 'This first password has run out. Ask the lead for another.');
    }

    public static function wrongPassword(): self
    {
        return new self('current', 'Password you have now: it is not this one.');
    }

    public static function samePassword(): self
    {
        return new self('password', 'New password: it is the one you have now. Choose another.');
    }

    public static function publishedPassword(): self
    {
        return new self('person', 'In the demonstration every account keeps the password that the sign-in page offers.');
    }

    public static function isDisabled(string $name): self
    {
        return new self('person', "{$name} is disabled. Enable the account first.");
    }
}
