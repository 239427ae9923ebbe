Console.WriteLine("Hello, World!");
