<?php

declare(strict_types=1);

namespace App\View\Plan;

use Illuminate\Http\Request;
use Nailrod\Core\Advice\Plan\Wishes;

/** What the page of a plan is asked for, as it stands in its address and in its forms. */
final readonly class PlanAsked
{
    /**
     * @param list<string>  $not       proposals that were turned down, see Proposal::refusal()
     * @param ?list<string> $devices   ids of those that are to be used; null if nobody has chosen
     * @param string        $by        one of Wishes
     * @param list<string>  $otherwise ids of actions that go the other way
     */
    public function __construct(
        public array $not = [],
        public ?array $devices = null,
        public string $by = Wishes::OUTPUT,
        public array $otherwise = [],
    ) {}

    public static function of(Request $request): self
    {
        $words = fn (string $field): array => array_values(array_filter($request->array($field), is_string(...)));

        return new self(
            $words('not'),
            $request->has('devices') ? $words('devices') : null,
            $request->string('by')->toString() === Wishes::KEY ? Wishes::KEY : Wishes::OUTPUT,
            $words('otherwise'),
        );
    }

    /** @param ?list<string> $devices that are used where nobody has chosen any */
    public function wishes(?array $devices = null): Wishes
    {
        return new Wishes(PlanView::refused($this->not), $this->devices ?? $devices, $this->by, $this->otherwise);
    }

    public function turnedDown(string $refusal): self
    {
        return new self([...$this->not, $refusal], $this->devices, $this->by, $this->otherwise);
    }

    /** @param list<string> $actions */
    public function turnedRound(array $actions): self
    {
        $now = array_diff($this->otherwise, $actions);

        return new self(
            $this->not,
            $this->devices,
            $this->by,
            array_values(count($now) < count($this->otherwise) ? $now : [...$now, ...$actions]),
        );
    }

    /** @return array<string, string|list<string>> for an address */
    public function toArray(): array
    {
        return array_filter([
            'not' => $this->not,
            'by' => $this->by === Wishes::OUTPUT ? '' : $this->by,
            'otherwise' => $this->otherwise,
        ]) + ($this->devices === null ? [] : ['devices' => $this->devices]);
    }
}
