namespace Datura.Core;

/// <summary>A value from outside that cannot be, with a sentence that says what to do. Any other fault of an argument is the program's own.</summary>
public sealed class InputException(string sentence) : ArgumentException(sentence);
