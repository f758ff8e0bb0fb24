<?php

declare(strict_types=1);

namespace App\Http\Requests\Prove;

use App\Http\Requests\HasUpload;
use Illuminate\Foundation\Http\FormRequest;
use Nailrod\Core\Format\Signs;

final class RecordingUploadRequest extends FormRequest
{
    use HasUpload;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['file' => ['required', 'file', 'max:600000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.max' =>
                'The file is larger than 600 MB. Longer recordings go through the command line: php artisan '
                    .'nailrod:play SET RECORDING.',
            'file.required' => 'Choose a recording first (a CSV file).',
        ];
    }

    /** The name that the recording gets: that of the file without its ending. */
    public function name(): string
    {
        $name = Signs::asName(pathinfo($this->upload()->getClientOriginalName(), PATHINFO_FILENAME), 60);

        return $name === '' ? 'Recording' : $name;
    }

    public function storedAt(): string
    {
        return (string) $this->upload()->getRealPath();
    }
}
