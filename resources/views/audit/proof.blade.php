<label for="file-{{ $id }}">A file that shows it <span class="soft">(PDF, picture, text or mail, 2 MB; may be left out)</span></label>
<input type="file" id="file-{{ $id }}" name="file" accept=".pdf,.jpg,.jpeg,.png,.txt,.eml">
