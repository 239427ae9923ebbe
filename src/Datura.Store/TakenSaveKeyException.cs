namespace Datura.Store;

/// <summary>A key that named another save was given to this one.</summary>
public sealed class TakenSaveKeyException() : Exception("This key already names another save.");
