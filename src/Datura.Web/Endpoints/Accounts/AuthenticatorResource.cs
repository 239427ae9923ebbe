namespace Datura.Web;

/// <summary>What an authenticator application must know.</summary>
/// <param name="Key">The shared secret, base 32, to be typed in.</param>
/// <param name="Address">The same as an otpauth address.</param>
/// <param name="Picture">The address as a QR code (ISO/IEC 18004), SVG.</param>
public sealed record AuthenticatorResource(string Key, string Address, string Picture);
