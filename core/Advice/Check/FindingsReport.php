<?php

declare(strict_types=1);

namespace Nailrod\Core\Advice\Check;

use Nailrod\Core\Format\Node;
use Nailrod\Core\Set\BindingSet;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\Section\Meant;

/** What the checks tell of a set: what is to be looked at, and, apart from that, what its owner means to be so. */
final readonly class FindingsReport
{
    /**
     * @param list<Finding>         $told
     * @param list<Finding>         $meant
     * @param array<string, string> $reasons why it is meant, by the id of a
     *                                       finding; also of one that is told again, since what it speaks of has
     *                                       changed
     */
    private function __construct(public array $told, public array $meant, public array $reasons) {}

    public static function of(BindingSet $set): self
    {
        return self::from($set, Checks::each($set));
    }

    /**
     * What is to be looked at of the parts of one section: what the place tells that shows such a part.
     *
     * @param string $section see PartPath
     *
     * @return array<string, list<Finding>> by the path of the part
     */
    public static function byPart(BindingSet $set, string $section): array
    {
        $byPart = [];
        foreach (self::from($set, Checks::ofSection($set, $section))->told as $finding) {
            foreach ($finding->parts as $path) {
                if ($path->section === $section) {
                    $byPart[(string) $path][] = $finding;
                }
            }
        }

        return $byPart;
    }

    /** @param iterable<iterable<Finding>> $checks what each check finds */
    private static function from(BindingSet $set, iterable $checks): self
    {
        $told = $meant = $reasons = [];
        foreach ($checks as $found) {
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
        return implode(
            ', ',
            array_filter([
                $this->told === [] ? 'nothing is wrong' : count($this->told).' to look at',
                $this->meant === [] ? '' : count($this->meant).' meant',
            ]),
        );
    }
}
