<?php

declare(strict_types=1);

namespace App\Sets;

use App\Models\SetRecord;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Set\PartPath;
use Nailrod\Core\Set\SetDocument;

/** The sets that inherit from one, however far; read when they are first asked for. */
final class Heirs
{
    /** @var ?array<string, SetDocument> by id, parents before their children */
    private ?array $documents = null;

    public function __construct(private readonly string $of) {}

    /**
     * Which of them follow an edit of this part, and which say it themselves.
     *
     * @return array{follow: list<string>, own: list<string>} names
     */
    public function of(PartPath $path): array
    {
        $below = ['follow' => [], 'own' => []];
        $own = [$this->of => false];
        foreach (Keys::each($this->documents()) as $id => $document) {
            $own[$id] = ($own[(string) $document->parent] ?? false) || $document->says($path);
            $below[$own[$id] ? 'own' : 'follow'][] = $document->name;
        }

        return $below;
    }

    /** The same in a sentence; empty where nothing inherits. */
    public function inWords(PartPath $path): string
    {
        ['follow' => $follow, 'own' => $own] = $this->of($path);
        $list = fn (array $names): string => count($names) < 2
            ? implode('', $names)
            : implode(', ', array_slice($names, 0, -1))
            .' and '
            .$names[count($names) - 1];

        return trim(($follow === [] ? '' : 'A change here also changes '.$list($follow).'. ').(
            $own === [] ? '' : $list($own).(count($own) === 1 ? ' has its own.' : ' have their own.')
        ));
    }

    /** @return array<string, SetDocument> */
    private function documents(): array
    {
        if ($this->documents === null) {
            $this->documents = [];
            foreach (SetTree::heirs($this->of) as $id) {
                $this->documents[$id] = SetRecord::query()->with('head')->findOrFail($id)->head->set();
            }
        }

        return $this->documents;
    }
}
