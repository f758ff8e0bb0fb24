<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Sets\ListImport;
use Illuminate\Foundation\Http\FormRequest;
use Nailrod\Core\Exchange\ActionRow;
use Nailrod\Core\Exchange\CatalogueEdits;
use Nailrod\Core\Format\FormatError;
use Nailrod\Core\Format\Keys;
use Nailrod\Core\Mapping\Action\Catalogue;

/** A list of actions as it stands in the fields of its page: what is said of each, what goes, what is new. */
final class ListRequest extends FormRequest
{
    private const MOST = 2000;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'for' => ['required', 'string', 'max:80'],
            'whole' => ['required', 'in:1'],
            'rows' => ['array', 'max:'.self::MOST],
            'gone' => ['array', 'max:'.self::MOST],
            'stays' => ['array', 'max:'.self::MOST],
            'new' => ['array', 'max:'.self::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'whole.required' => 'The list did not arrive whole, so nothing of it was taken. Send it again.',
            'required' => ':attribute: found nothing, expected a value.',
            'array' => ':attribute: found a text, expected a list.',
            'max' => ':attribute: found too many, expected at most :max.',
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'for' => 'This is',
            'rows' => 'The actions',
            'gone' => 'What goes',
            'stays' => 'What stays',
            'new' => 'What is new',
        ];
    }

    /** @throws FormatError with everything that cannot be taken */
    public function applied(ListImport $list): Catalogue
    {
        if ($list->isForKeys()) {
            return $list->catalogue;
        }
        $rows = [];
        foreach (Keys::each($this->array('rows')) as $id => $row) {
            if ($list->catalogue->action($id) !== null) {
                $rows[$id] = self::row($row);
            }
        }
        $gone = array_filter(
            $this->array('gone'),
            fn (mixed $id) => is_string($id) && $list->catalogue->action($id) !== null,
        );
        $edits = CatalogueEdits::of($this->described($list->catalogue))->apply(
            $rows,
            array_values(array_unique($gone)),
            array_map(self::row(...), array_values($this->array('new'))),
        );
        $now = $list->of?->catalogue();
        foreach (array_filter($this->array('stays'), is_string(...)) as $id) {
            $edits = $now === null ? $edits : $edits->keep($now, $id);
        }

        return $edits->catalogue->actions === []
            ? throw FormatError::told('the list', 'no action', 'at least one')
            : $edits->eachByItsName()
            ->checked();
    }

    /** The simulator under the name and with the numbers that stand above its list. */
    private function described(Catalogue $catalogue): Catalogue
    {
        $name = $this->has('simulator') ? $this->string('simulator')->trim()->toString() : $catalogue->name;
        if ($name === '' || mb_strlen($name) > 60) {
            throw FormatError::told(
                'simulator',
                $name === '' ? 'nothing' : 'a longer text',
                'a name of at most 60 characters',
            );
        }

        return $catalogue->called($catalogue->id, $name)->seeing(
            $this->number('buttons', 512, $catalogue->buttons),
            $this->number('axes', 32, $catalogue->axes),
        );
    }

    private function number(string $field, int $most, int $now): int
    {
        $said = $this->string($field)->trim()->toString();
        if ($said === '') {
            return $now;
        }

        return preg_match('/^\d{1,6}$/D', $said) === 1 && (int) $said <= $most ? (int) $said : throw FormatError::at(
            $field,
            $said,
            'a whole number of at most '.$most,
        );
    }

    private static function row(mixed $row): ActionRow
    {
        // What is left empty arrives as null.
        $said = array_map(
            fn (mixed $text) => $text ?? '',
            array_intersect_key(is_array($row) ? $row : [], ActionRow::SAID),
        );

        return new ActionRow(array_filter($said, is_string(...)));
    }
}
