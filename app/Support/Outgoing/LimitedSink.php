<?php

declare(strict_types=1);

namespace App\Support\Outgoing;

use GuzzleHttp\Psr7\StreamDecoratorTrait;
use GuzzleHttp\Psr7\StreamWrapper;
use GuzzleHttp\Psr7\Utils;
use Psr\Http\Message\StreamInterface;

/** Takes an answer, unpacked, up to so many bytes. Of more it takes nothing, which ends the transfer then and there. */
final class LimitedSink implements StreamInterface
{
    use StreamDecoratorTrait;

    private StreamInterface $stream;

    private function __construct(private int $left)
    {
        $this->stream = Utils::streamFor(Utils::tryFopen('php://temp', 'w+'));
    }

    /**
     * @param  int  $largest  bytes
     * @return resource
     */
    public static function upTo(int $largest)
    {
        return StreamWrapper::getResource(new self($largest));
    }

    public function write(string $string): int
    {
        $this->left -= strlen($string);

        return $this->left < 0 ? 0 : $this->stream->write($string);
    }
}
