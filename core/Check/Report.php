<?php

declare(strict_types=1);

namespace Nailrod\Core\Check;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Meant;

/** What the checks tell of a set: what is to be looked at, and, apart from that, what its owner means to be so. */
final readonly class Report
{
    /**
     * @param list<Finding>         $told
     * @param list<Finding>         $meant
     * @param array<string, string> $reasons why it is meant, by the id of a finding; also of one that is told again, since what it speaks of has changed
     */
    private function __construct(public array $told, public array $meant, public array $reasons) {}

    public static function of(BindingSet $set): self
    {
        $told = $meant = $reasons = [];
        foreach (Checks::each($set) as $found) {
            $most = count($told) + Checks::MOST;
            foreach ($found as $finding) {
                $mark = $set->merged->value(self::path($finding));
                $mark = $mark === null ? null : Meant::fields()->read(Node::of($mark));
                if ($mark !== null) {
                    $reasons[$finding->id()] = $mark->text('why');
                }
                if ($mark !== null && $mark->text('of') === $finding->of($set)) {
                    $meant[] = $finding;
                } else {
                    $told[] = $finding;
                }
                if (count($told) === $most) {
                    break;
                }
            }
        }

        return new self($told, $meant, $reasons);
    }

    /** Where it is said that a finding is meant. */
    public static function path(Finding $finding): PartPath
    {
        return new PartPath(Meant::name(), hash('xxh64', $finding->id()));
    }

    /** @return array<string, string> that a finding is meant, in the open format */
    public static function meaning(Finding $finding, BindingSet $set, string $why): array
    {
        return ['says' => mb_strimwidth($finding->sentence, 0, 500, '…'), 'why' => $why, 'of' => $finding->of($set)];
    }

    /** In a line: "3 to look at, 1 meant". */
    public function inWords(): string
    {
        return implode(', ', array_filter([$this->told === [] ? 'nothing is wrong' : count($this->told).' to look at', $this->meant === [] ? '' : count($this->meant).' meant']));
    }
}
