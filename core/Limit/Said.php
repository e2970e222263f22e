<?php

declare(strict_types=1);

namespace Spindle\Limit;

use Closure;
use Spindle\Quantity\Display;

/**
 * What is to be said: which case it is, and what fills it. The words stand in the sentences of the subject, one method a case; whoever
 * says it otherwise, in other words or another language, goes by case and arguments.
 */
final class Said
{
    /** @var (Closure(Display): string)|null nothing where it was kept: the method is asked again */
    private ?Closure $words = null;

    /**
     * @param  string  $method  of the sentences: its class and its name
     * @param  array<string, mixed>  $arguments  by name, as that method takes them
     */
    private function __construct(private readonly string $method, public readonly array $arguments)
    {
    }

    /**
     * @param  string  $method  the method of the sentences that says it, __METHOD__
     * @param  array<string, mixed>  $arguments  what it was given, by name
     * @param  Closure(Display): string  $words
     */
    public static function as(string $method, array $arguments, Closure $words): self
    {
        $said = new self($method, $arguments);
        $said->words = $words;

        return $said;
    }

    /** The case, as other programs know it: "cut_not_alike". */
    public function case(): string
    {
        return strtolower((string) preg_replace('/(?<=[a-z0-9])[A-Z]/', '_$0', explode('::', $this->method)[1]));
    }

    public function in(Display $display): string
    {
        return ($this->words ??= $this->again())($display);
    }

    /** @return Closure(Display): string of one that was kept */
    private function again(): Closure
    {
        [$class, $case] = [...explode('::', $this->method), ''];
        if (! is_subclass_of($class, Sentences::class) || ! is_callable([$class, $case])) {
            throw LimitError::saysNothing($this->method);
        }
        $said = call_user_func_array([$class, $case], $this->arguments);

        return $said instanceof self && $said->words !== null ? $said->words : throw LimitError::saysNothing($this->method);
    }

    /** @return list<string> what can be kept of it: everything but the words */
    public function __sleep(): array
    {
        return ['method', 'arguments'];
    }
}
