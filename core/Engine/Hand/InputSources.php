<?php

declare(strict_types=1);

namespace Nailrod\Core\Engine\Hand;

use Nailrod\Core\Format\Cause\Input;
use Nailrod\Core\Rig\Device\Rig;

/**
 * All hands at a rig, and which of them moved each port last: that one holds it. The last word counts, and a release by
 * a hand that does not hold the port does nothing.
 */
final class InputSources
{
    public const MOST = 32;

    /** A part of its width, about its rest, within which an axis counts as at rest: one in so many. */
    private const SLACK = 50;

    /** @var array<string, InputSource> by id */
    public array $all = [];

    /** @var array<string, string> id of the hand that moved it last, by port */
    private array $holders = [];

    /**
     * @param list<string> $devices that only this hand feeds
     * @param int          $now     in µs
     *
     * @throws SourceError if there are too many
     */
    public function open(string $id, string $name, SourceKind $kind, array $devices, int $now): InputSource
    {
        if (count($this->all) >= self::MOST) {
            throw SourceError::tooMany(self::MOST);
        }

        return $this->all[$id] = new InputSource($id, $name, $kind, $devices, $now);
    }

    /** Does this input count, and so changes who holds the port? */
    public function takes(InputSource $hand, Input $input, Rig $rig): bool
    {
        $holder = $this->holders[$input->port] ?? null;
        if (
            $holder !== null && $holder !== $hand->id
                && isset($this->all[$holder])
                && $input->value === $rig->openValue($input->port)
        ) {
            return false;
        }
        $this->holders[$input->port] = $hand->id;

        return true;
    }

    /** @return list<InputSource> the others that feed a device too: it goes with the last of them */
    public function othersThatFeed(string $device, InputSource $hand): array
    {
        return array_values(array_filter(
            $this->all,
            fn (InputSource $other): bool => $other !== $hand && in_array($device, $other->devices, true),
        ));
    }

    /**
     * What a hand holds that springs back: contacts and hats that are closed, axes that are away from their rest.
     *
     * @param array<string, int> $values last value by port
     *
     * @return array<string, int> what it is when it is let go of, by port
     */
    public function heldBy(InputSource $hand, array $values, Rig $rig): array
    {
        $held = [];
        foreach (array_map(strval(...), array_keys($this->holders, $hand->id, true)) as $port) {
            $rest = $rig->springsTo($port);
            // An axis that only trembles about its rest is held by nobody.
            $slack = isset($rig->axes[$port]) ? intdiv($rig->axes[$port]->width(), self::SLACK) : 0;
            if ($rest !== null && isset($values[$port]) && abs($values[$port] - $rest) > $slack) {
                $held[$port] = $rest;
            }
        }

        return $held;
    }

    /** A hand goes; what it held has been let go of, and nobody holds it. */
    public function close(InputSource $hand): void
    {
        unset($this->all[$hand->id]);
        $this->holders = array_filter($this->holders, fn (string $id): bool => $id !== $hand->id);
    }

    /**
     * @param int $now in µs
     *
     * @return list<InputSource> those that have given no sign of life for too long
     */
    public function silent(int $now): array
    {
        return array_values(array_filter($this->all, fn (InputSource $hand): bool => $hand->isSilent($now)));
    }
}
