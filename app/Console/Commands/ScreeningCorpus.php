<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Screening\MailText;
use App\Actions\Screening\Models;
use App\Console\Report;
use Juramen\Canon\Digest;
use Juramen\Screening\Text\GeneralWords;
use Juramen\Screening\Text\LabelledText;
use Juramen\Screening\Text\TextModel;
use Juramen\Screening\Text\Tokens;
use Juramen\Screening\Text\TrainText;
use RuntimeException;

/** Learns the text model from folders of mails, and measures it on others that it has not seen. */
final class ScreeningCorpus extends Report
{
    private const TRAINED = ['easy-ham-1' => false, 'spam-1' => true];

    /** Whether what a folder holds is spam; accuracy is over the first two. */
    private const MEASURED = ['easy-ham-2' => false, 'spam-2' => true, 'hard-ham-1' => false];

    protected $signature = 'screening:corpus {folder : of the mail corpus, with easy-ham-1, spam-1, easy-ham-2, spam-2 and hard-ham-1 in it}
        {--keep : keep a smaller model to start with, and measure that} {--json}';

    protected $description = 'Trains the text model on a public corpus of mails and measures it on folders that it has not learned; needs no database';

    public function __construct(private readonly MailText $mail)
    {
        parent::__construct();
    }

    protected function report(): int
    {
        ini_set('memory_limit', '2G');
        $folder = rtrim((string) $this->argument('folder'), '/');
        $seen = [];
        $texts = [];
        foreach ([...self::TRAINED, ...self::MEASURED] as $name => $spam) {
            $texts[$name] = $this->texts("$folder/$name", $seen);
            $this->progress("$name: ".count($texts[$name]).' mails, each once');
        }
        $train = [];
        foreach (self::TRAINED as $name => $spam) {
            array_push($train, ...array_map(static fn (string $text): LabelledText => LabelledText::of($text, $spam), $texts[$name]));
        }
        $this->say($this->option('keep') ? $this->keep($train) : (new TrainText($this->progress(...)))($train), $texts);

        return self::SUCCESS;
    }

    /**
     * The model to start with: of words alone that are nobody's in particular, and of those that say most.
     *
     * @param  list<LabelledText>  $texts
     */
    private function keep(array $texts): TextModel
    {
        $general = array_map(GeneralWords::of($texts)->within(...), $texts);
        $kept = TextModel::parse((new TrainText($this->progress(...), Models::KEPT))($general)->text());
        file_put_contents(Models::wordsFile(), $kept->text());
        $this->progress("{$kept->size()} tokens are kept in ".Models::wordsFile());

        return $kept;
    }

    /**
     * @param  array<string, true>  $seen  names of what was read before; a mail that lies in two folders counts in the first
     * @return list<string>
     */
    private function texts(string $folder, array &$seen): array
    {
        $files = glob("$folder/*.txt") ?: [];
        if ($files === []) {
            $wanted = implode(', ', array_keys([...self::TRAINED, ...self::MEASURED]));
            throw new RuntimeException("There are no mails in $folder: name the folder that holds $wanted.");
        }
        $texts = [];
        foreach ($files as $file) {
            $text = $this->mail->of((string) file_get_contents($file));
            $name = Digest::of((string) preg_replace('/\s+/', '', $text))->hex();
            if (! isset($seen[$name])) {
                $texts[] = $text;
            }
            $seen[$name] = true;
        }

        return $texts;
    }

    /** @param  array<string, list<string>>  $texts */
    private function say(TextModel $model, array $texts): void
    {
        $measured = [];
        [$right, $all, $began] = [0, 0, hrtime(true)];
        foreach (self::MEASURED as $name => $spam) {
            $called = count(array_filter($texts[$name], $model->readsLikeSpam(...)));
            $measured[] = ['folder' => $name, 'messages' => count($texts[$name]), 'called_spam' => $called];
            if ($name !== 'hard-ham-1') {
                $right += $spam ? $called : count($texts[$name]) - $called;
                $all += count($texts[$name]);
            }
        }
        $seconds = (hrtime(true) - $began) / 1e9;
        $ham = $measured[0];
        $data = [
            'trained' => ['ham' => count($texts['easy-ham-1']), 'spam' => count($texts['spam-1'])], 'measured' => $measured,
            'accuracy' => round($right / max(1, $all), 4), 'ham_called_spam' => round($ham['called_spam'] / max(1, $ham['messages']), 4),
            'messages_per_second' => round(array_sum(array_column($measured, 'messages')) / max($seconds, 1e-6)),
        ];
        if ($this->option('json')) {
            $this->json($data);

            return;
        }
        $this->line("Learned {$data['trained']['ham']} of ham and {$data['trained']['spam']} of spam, {$model->size()} tokens.");
        foreach ($measured as $row) {
            $this->line("{$row['folder']}: {$row['called_spam']} of {$row['messages']} are called spam.");
        }
        $this->line(sprintf('%.2f %% are judged rightly, and %.2f %% of ham are called spam.', 100 * $data['accuracy'], 100 * $data['ham_called_spam']));
        $this->line(sprintf('%d messages a second, %.2f of taking them apart alone.', $data['messages_per_second'], $this->speed($model, $texts['spam-2'])));
    }

    /**
     * How fast texts are judged, of how fast they are taken apart.
     *
     * @param  list<string>  $texts
     */
    private function speed(TextModel $model, array $texts): float
    {
        $time = static function (callable $do) use ($texts): int {
            $began = hrtime(true);
            array_map($do, $texts);

            return hrtime(true) - $began;
        };
        $time(Tokens::of(...));

        return $time(Tokens::of(...)) / max(1, $time($model->score(...)));
    }
}
