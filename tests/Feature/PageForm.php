<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A form of a page, and what a browser would send of it. */
final class PageForm
{
    public static function parsed(string $html): \DOMDocument
    {
        $document = new \DOMDocument;
        @$document->loadHTML('<?xml encoding="UTF-8">'.$html);

        return $document;
    }

    /**
     * What a person sends of a form: as it stands but for one field, once by each of its buttons.
     *
     * @param bool $isSame is that field left as it stands too?
     *
     * @return list<array<string, string|list<string>>> values by name
     */
    public static function submissions(\DOMElement $form, bool $isSame = false): array
    {
        [$fields, $changed] = [[], $isSame];
        $buttons = [];
        foreach (self::controls($form) as $control) {
            $name = $control->getAttribute('name');
            if ($control->tagName === 'button') {
                $control->hasAttribute('disabled')
                    || $control->getAttribute('type') === 'button'
                    || $buttons[] = [$name, $control->getAttribute('value')];
            } elseif (
                $name !== '' && ! $control->hasAttribute('disabled') && $control->getAttribute('type') !== 'file'
            ) {
                foreach (self::valuesOf($control, $changed) as $value) {
                    if (str_ends_with($name, '[]')) {
                        $fields[$name] = [...(array) ($fields[$name] ?? []), $value];
                    } else {
                        $fields[$name] = $value;
                    }
                }
            }
        }

        return $buttons === [] ? [$fields] : array_map(
            fn (array $button): array => $fields + ($button[0] === '' ? [] : [$button[0] => $button[1]]),
            $buttons,
        );
    }

    /** @return list<\DOMElement> its fields and buttons, those too that stand elsewhere and name it */
    public static function controls(\DOMElement $form): array
    {
        $id = $form->getAttribute('id');
        $controls = [];
        $page = new \DOMXPath($form->ownerDocument ?? throw new \LogicException('A form stands in a page.'));
        foreach ($page->query('//input | //select | //textarea | //button') ?: [] as $control) {
            assert($control instanceof \DOMElement);
            $of = $control->getAttribute('form');
            for ($within = $control->parentNode; $within !== null && $within !== $form; $within = $within->parentNode);
            if ($of === '' ? $within === $form : $of === $id) {
                $controls[] = $control;
            }
        }

        return $controls;
    }

    /** @return list<string> what a field sends; the first that can be is another than it was */
    private static function valuesOf(\DOMElement $field, bool &$changed): array
    {
        $type = $field->getAttribute('type');
        if ($field->tagName === 'select') {
            $options = iterator_to_array($field->getElementsByTagName('option'));
            $values = array_map(
                fn (\DOMElement $option): string => $option->hasAttribute('value')
                    ? $option->getAttribute('value')
                    : $option->textContent,
                $options,
            );
            $at = array_key_first(
                array_filter($options, fn (\DOMElement $option): bool => $option->hasAttribute('selected')),
            ) ?? 0;
            $other = ! $changed && count($values) > 1
                && ! $field->hasAttribute('data-visit')
                ? ($at + 1) % count($values)
                : $at;
            $changed = $changed || $other !== $at;

            return $values === [] ? [] : [$values[$other]];
        }
        if (in_array($type, ['checkbox', 'radio'], true)) {
            $isOn = $field->hasAttribute('checked');
            if (! $changed && $type === 'checkbox') {
                [$changed, $isOn] = [true, ! $isOn];
            }

            return $isOn ? [$field->hasAttribute('value') ? $field->getAttribute('value') : 'on'] : [];
        }
        $value = $field->tagName === 'textarea' ? $field->textContent : $field->getAttribute('value');
        if ($changed || $type === 'hidden') {
            return [$value];
        }
        $changed = true;

        return [
            $type === 'number' ? self::otherNumber($field, $value) : (
                $value === '' ? 'Something' : mb_substr($value, 0, 20).' 2'
            ),
        ];
    }

    private static function otherNumber(\DOMElement $field, string $value): string
    {
        $step = (float) ($field->getAttribute('step') ?: '1') ?: 1.0;
        [$least, $most] = [$field->getAttribute('min'), $field->getAttribute('max')];
        $up = ($value === '' ? (float) ($least ?: '0') : (float) $value) + $step;
        $number = $most !== '' && $up > (float) $most ? $up - 2 * $step : $up;

        return (string) ($least !== '' ? max((float) $least, $number) : $number);
    }

    /** @param array<string, string|list<string>> $fields */
    public static function query(array $fields): string
    {
        $pairs = [];
        foreach ($fields as $name => $value) {
            foreach ((array) $value as $one) {
                $pairs[] = rawurlencode($name).'='.rawurlencode($one);
            }
        }

        return implode('&', $pairs);
    }

    /** @return array<array-key, mixed> as PHP takes a form apart */
    public static function nested(string $query): array
    {
        parse_str($query, $fields);

        return $fields;
    }
}
