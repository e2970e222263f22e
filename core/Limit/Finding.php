<?php

declare(strict_types=1);

namespace Spindle\Limit;

/** One sentence of judgement: what was found, against what, and what to do, with the chain that led to it. */
final readonly class Finding
{
    /** Where the result of a formula stands in it, when not at its end. */
    public const RESULT = '{=}';

    /**
     * @param  string  $id  what was judged, such as "disc.wear"
     * @param  Limit|null  $limit  none where there is nothing to compare with
     * @param  list<string>  $readings  names of the entries it rests on
     * @param  list<string>  $missing  names of the entries that are needed and not there
     * @param  string  $formula  how the figure comes from the readings, in words, with its source
     * @param  string  $template  the same with the names of what is put in
     * @param  string  $figure  the name of the figure that results from it
     * @param  string  $waiver  why an unmeasured or rejected item was let pass, when somebody decided so
     */
    private function __construct(
        public string $id,
        public Verdict $verdict,
        public string $message,
        public ?Limit $limit = null,
        public array $readings = [],
        public array $missing = [],
        public string $formula = '',
        public string $waiver = '',
        public string $template = '',
        public string $figure = '',
    ) {
    }

    public static function of(string $id, Verdict $verdict, string $message): self
    {
        return new self($id, $verdict, $message);
    }

    /** Needed and not known. */
    public static function unmeasured(string $id, string $message, string ...$missing): self
    {
        return new self($id, Verdict::Unmeasured, $message, missing: array_values($missing));
    }

    public static function notApplicable(string $id, string $reason): self
    {
        return new self($id, Verdict::NotApplicable, $reason);
    }

    public function against(?Limit $limit): self
    {
        return $this->with(['limit' => $limit]);
    }

    public function from(string ...$readings): self
    {
        return $this->with(['readings' => array_values($readings)]);
    }

    /**
     * How the figure comes from the readings.
     *
     * @param  string  $template  in words; what stands for a number as "{words|name of the reading or figure}"
     * @param  string  $figure  the name of the figure that results
     */
    public function by(string $template, string $figure = ''): self
    {
        $words = str_replace(self::RESULT, '', $template);
        if (str_contains($words, '{')) {
            $words = (string) preg_replace('/\{([^|}]+)\|[^}]+\}/', '$1', $words);
        }

        return $this->with(['formula' => $words, 'template' => $template, 'figure' => $figure]);
    }

    /**
     * About a part as it was left, resting on readings that have names of their own.
     *
     * @param  callable(string): string  $name
     */
    public function asLeft(callable $name): self
    {
        return $this->with([
            'message' => 'As left: '.lcfirst($this->message),
            'readings' => array_map($name, $this->readings),
            'missing' => array_map($name, $this->missing),
        ]);
    }

    public function waived(string $reason): self
    {
        return $this->with(['waiver' => $reason]);
    }

    /**
     * @param  array{
     *     limit?: Limit|null, readings?: list<string>, missing?: list<string>, message?: string, formula?: string,
     *     template?: string, figure?: string, waiver?: string,
     * }  $changed
     */
    private function with(array $changed): self
    {
        return new self(
            $this->id,
            $this->verdict,
            $changed['message'] ?? $this->message,
            array_key_exists('limit', $changed) ? $changed['limit'] : $this->limit,
            $changed['readings'] ?? $this->readings,
            $changed['missing'] ?? $this->missing,
            $changed['formula'] ?? $this->formula,
            $changed['waiver'] ?? $this->waiver,
            $changed['template'] ?? $this->template,
            $changed['figure'] ?? $this->figure,
        );
    }

    public function isWaived(): bool
    {
        return $this->waiver !== '';
    }
}
